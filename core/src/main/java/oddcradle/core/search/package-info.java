/** Searches that take longer than a dragging hand waits for: seats, ways out, odds of fit, order of assembly. */
package oddcradle.core.search;
