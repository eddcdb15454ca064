/** Centre lines of a frame from drawings in space. */
package oddcradle.files.wire;
