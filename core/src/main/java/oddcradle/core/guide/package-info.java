/** What is still to be done at a job, step by step. */
package oddcradle.core.guide;
