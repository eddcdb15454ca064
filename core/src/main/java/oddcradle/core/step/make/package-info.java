/** Lengths and copes. */
package oddcradle.core.step.make;
