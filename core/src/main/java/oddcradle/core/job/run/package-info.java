/** What hangs from the seat, and the book that is kept once it runs: the user's own values, nothing worked out. */
package oddcradle.core.job.run;
