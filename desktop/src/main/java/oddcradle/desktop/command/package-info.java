/** What can be had done from the bar, a key or the finder: each once, with its words, its keys and when it can be done. */
package oddcradle.desktop.command;
