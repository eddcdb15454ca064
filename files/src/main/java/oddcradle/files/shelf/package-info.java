/** The user's own rows of the shelves. */
package oddcradle.files.shelf;
