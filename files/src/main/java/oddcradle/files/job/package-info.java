/** The job file: reading, writing, versions kept beside it, recovery while editing. */
package oddcradle.files.job;
