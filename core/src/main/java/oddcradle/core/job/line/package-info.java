/** What must line up, and the drive. */
package oddcradle.core.job.line;
