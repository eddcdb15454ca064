/** Other names for things of a job, wherever they are named. */
package oddcradle.core.naming;
