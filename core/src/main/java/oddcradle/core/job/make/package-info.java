/** How it is built: factors and the shop. */
package oddcradle.core.job.make;
