/** The command line: arguments in, text and exit codes out. */
package oddcradle.cli;
