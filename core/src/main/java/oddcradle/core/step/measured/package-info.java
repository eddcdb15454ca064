/** What readings and scans say, of donor and host alike. */
package oddcradle.core.step.measured;
