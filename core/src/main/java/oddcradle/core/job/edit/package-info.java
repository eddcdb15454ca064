/** Every change of a job, as a value. */
package oddcradle.core.job.edit;
