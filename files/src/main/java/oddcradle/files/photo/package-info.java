/** Photos and sketches of points, beside the job. */
package oddcradle.files.photo;
