/** How long metal lasts: cycles counted in a history of stress, and what a detail bears of them. */
package oddcradle.core.fatigue;
