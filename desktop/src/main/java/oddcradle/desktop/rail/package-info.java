/** The ten steps down the left side. */
package oddcradle.desktop.rail;
