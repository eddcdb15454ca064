/** One worksheet for each stop of the work. */
package oddcradle.desktop.stops;
