/** Worksheet of the fit. */
package oddcradle.desktop.step.fit;
