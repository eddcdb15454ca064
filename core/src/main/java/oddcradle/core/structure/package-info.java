/** What several steps share: the drive where it lies, the frame with its mounts, how the donor moves on them. */
package oddcradle.core.structure;
