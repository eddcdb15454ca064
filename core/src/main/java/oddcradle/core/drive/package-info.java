/** The drive from the donor's output to the driven end: chains and the alignment of their sprockets. */
package oddcradle.core.drive;
