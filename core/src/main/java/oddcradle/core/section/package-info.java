/** Cross-sections of members. Local y and z are the section's principal axes; see {@code frame} for where they point. */
package oddcradle.core.section;
