/** What the program says of the donor. */
package oddcradle.core.step.donor;
