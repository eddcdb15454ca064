/** The documents as help in the window, the page of keys, and what the program is made of. */
package oddcradle.desktop.help;
