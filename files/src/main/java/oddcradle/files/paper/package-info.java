/** The printed packet: PDF pages at true scale. */
package oddcradle.files.paper;
