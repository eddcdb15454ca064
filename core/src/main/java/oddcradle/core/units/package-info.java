/** What people type and read, and the SI value underneath. */
package oddcradle.core.units;
