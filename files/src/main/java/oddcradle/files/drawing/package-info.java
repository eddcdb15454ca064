/** The job drawn flat: outlines in metres, for paper and for the window's drawn views. */
package oddcradle.files.drawing;
