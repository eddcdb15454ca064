/** The book that is kept: log, parts, money and time, as the user writes them down. */
package oddcradle.core.job.book;
