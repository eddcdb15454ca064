/** Pieces that every step's worksheet is made of. */
package oddcradle.desktop.slate;
