/** What depends on a thing, and a job without it. */
package oddcradle.core.removal;
