/** What was read on the finished mount, what was done to it, and who looked. */
package oddcradle.core.job.fit;
