/** Fonts, colours and marks. */
package oddcradle.desktop.look;
