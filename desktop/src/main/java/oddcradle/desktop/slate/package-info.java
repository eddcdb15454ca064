/** Pieces that every stop's worksheet is made of. */
package oddcradle.desktop.slate;
