/** Sheets for readings and scans, of donor and host alike. */
package oddcradle.desktop.step.measured;
