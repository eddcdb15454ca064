/** What must line up: datum, every stage of the drive, jackshafts, and what is driven. */
package oddcradle.core.step.line;
