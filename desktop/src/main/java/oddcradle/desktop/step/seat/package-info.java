/** Worksheets of the seat. */
package oddcradle.desktop.step.seat;
