/** Reports of the steps while they are gathered and when they are done, and cures as values. */
package oddcradle.core.report;
