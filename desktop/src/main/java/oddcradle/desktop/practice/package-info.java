/** The practice bench, over all else: lessons on made-up machines, apart from the open job. */
package oddcradle.desktop.practice;
