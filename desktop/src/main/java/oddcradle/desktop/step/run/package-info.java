/** Worksheet of running. */
package oddcradle.desktop.step.run;
