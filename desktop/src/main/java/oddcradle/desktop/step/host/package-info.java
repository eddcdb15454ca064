/** Worksheets of the host. */
package oddcradle.desktop.step.host;
