/** The only place with threads: examinations off the interface thread. */
package oddcradle.desktop.task;
