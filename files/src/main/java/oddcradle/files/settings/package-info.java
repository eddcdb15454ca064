/** What the program keeps between runs. */
package oddcradle.files.settings;
