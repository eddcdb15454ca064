/** How a job begins: machines from a few measures, an engine as a box, and whether the one goes into the other at all. */
package oddcradle.core.begin;
