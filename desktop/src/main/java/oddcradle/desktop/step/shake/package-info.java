/** Worksheet of the modes. */
package oddcradle.desktop.step.shake;
