/** Worksheets of the line. */
package oddcradle.desktop.step.line;
