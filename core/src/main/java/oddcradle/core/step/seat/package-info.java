/** Where the donor sits: gaps, service room, and everything that must follow the seat. */
package oddcradle.core.step.seat;
