/** The open job: edits, undo, file, what the window remembers. */
package oddcradle.desktop.store;
