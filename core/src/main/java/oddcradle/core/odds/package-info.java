/** The chance that what was measured, cut, drilled and welded goes together the first time; SI, host axes. */
package oddcradle.core.odds;
