/**
 * Surfaces of triangles, as scanners and drawing programs give them: whether they are sound, how far they are from each other
 * and from solids. Coordinates in metres, in the axes of the body that the mesh belongs to.
 */
package oddcradle.core.geometry.mesh;
