/** The load cases. */
package oddcradle.core.job.load;
