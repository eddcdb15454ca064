/** The host: tubes, keep-outs, supports, the driven end. */
package oddcradle.core.job.host;
