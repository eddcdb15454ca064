/** The cradle: tubes, isolators, joints and details. */
package oddcradle.core.job.cradle;
