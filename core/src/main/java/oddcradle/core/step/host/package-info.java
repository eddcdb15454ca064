/** What the program says of the host. */
package oddcradle.core.step.host;
