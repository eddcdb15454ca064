/**
 * Maps the job to each analysis, runs what changed, and gathers figures and findings by stop. Pure: the same job gives the
 * same examination.
 */
package oddcradle.core.examine;
