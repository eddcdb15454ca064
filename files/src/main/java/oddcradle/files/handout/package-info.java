/** What leaves the program: drawings as SVG and DXF, solids as STL, tables as CSV. */
package oddcradle.files.handout;
