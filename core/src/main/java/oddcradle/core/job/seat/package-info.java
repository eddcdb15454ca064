/** The seat, the gaps it must keep, what is wished of it and what must follow it. */
package oddcradle.core.job.seat;
