/** Results of an examination as text and as JSON for other programs. */
package oddcradle.files.report;
