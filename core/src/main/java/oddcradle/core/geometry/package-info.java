/** Solids and boxes in space. */
package oddcradle.core.geometry;
