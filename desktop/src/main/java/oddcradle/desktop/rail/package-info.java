/** The ten stops down the left side. */
package oddcradle.desktop.rail;
