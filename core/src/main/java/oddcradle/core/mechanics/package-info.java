/** Rigid bodies and the forces on them. */
package oddcradle.core.mechanics;
