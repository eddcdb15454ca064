/** Whether the tubes hold. */
package oddcradle.core.step.load;
