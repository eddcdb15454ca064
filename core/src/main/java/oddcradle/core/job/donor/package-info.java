/** The donor: engine, bosses, output, parts, readings, history. */
package oddcradle.core.job.donor;
