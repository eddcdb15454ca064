/** Slow studies of the loaded frame: whether joints and the whole hold, what happens if a part is lost, and how long welds last. */
package oddcradle.core.proof;
