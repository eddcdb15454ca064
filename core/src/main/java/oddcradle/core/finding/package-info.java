/** What the program says about a job: figures, findings, and the formula and source behind each. */
package oddcradle.core.finding;
