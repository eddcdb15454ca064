/** What to measure once it is built. */
package oddcradle.core.step.fit;
