/** Worksheet of the loads. */
package oddcradle.desktop.step.load;
