/** Bolts that share a load. */
package oddcradle.core.joint;
