/** What is made, out of what and in which order: stock, settings of the machines, holes, welds, jig, steps of the work. */
package oddcradle.core.workshop;
