/** A frame as a hand draws it. */
package oddcradle.core.drawn;
