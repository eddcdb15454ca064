/** Shortest distances between solids, signed, with the closest points. */
package oddcradle.core.geometry.distance;
