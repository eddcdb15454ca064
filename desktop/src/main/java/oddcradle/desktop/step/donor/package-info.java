/** Worksheets of the donor. */
package oddcradle.desktop.step.donor;
