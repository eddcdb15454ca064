/** Which step gets what, in which order: every result and finding of one job. */
package oddcradle.core.examine;
