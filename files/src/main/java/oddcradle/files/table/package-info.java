/** Tables of nodes and tubes as CSV, from a spreadsheet or a measuring arm. */
package oddcradle.files.table;
