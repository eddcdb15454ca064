/**
 * Whole cradles worked out for a job, never a blank page: each kind asks the site where its tubes may run and land, the sizes are
 * taken from stock until they hold, and the whole is judged as any job is. Host axes, m.
 */
package oddcradle.core.propose;
