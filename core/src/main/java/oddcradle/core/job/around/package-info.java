/** What hangs from the seat: the user's own values of controls, exhaust, fuel, water, wires and guards, nothing worked out. */
package oddcradle.core.job.around;
