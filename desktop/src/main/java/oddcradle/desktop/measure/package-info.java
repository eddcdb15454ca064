/** The sheet for measuring: which reading is wanted, where the instrument goes, and what has been read. */
package oddcradle.desktop.measure;
