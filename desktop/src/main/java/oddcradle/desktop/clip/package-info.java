/** What goes onto the clipboard of the system. */
package oddcradle.desktop.clip;
