/** The first screen: a new job, an old one, or a demo. */
package oddcradle.desktop.begin;
