/** Gaps between the donor and everything round it, each against the room it needs. */
package oddcradle.core.clearance;
