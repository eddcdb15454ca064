/** The findings, worst first, with their cures. */
package oddcradle.desktop.notes;
