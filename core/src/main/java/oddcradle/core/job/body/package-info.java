/** Solids of donor and host, their kinds, the freedoms of a body, and how large things can be. */
package oddcradle.core.job.body;
