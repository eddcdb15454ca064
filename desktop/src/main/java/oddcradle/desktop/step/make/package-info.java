/** Worksheet of what is cut. */
package oddcradle.desktop.step.make;
