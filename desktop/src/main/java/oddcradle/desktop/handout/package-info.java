/** What leaves the window: views, solids and tables into files, onto the clipboard, papers to a printer. */
package oddcradle.desktop.handout;
