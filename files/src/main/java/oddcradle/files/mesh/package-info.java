/** Mesh files: STL in both forms, OBJ and PLY. Files are hostile until read: sizes are bounded, counts are not believed. */
package oddcradle.files.mesh;
