/** Modes, sag and isolation. */
package oddcradle.core.step.shake;
