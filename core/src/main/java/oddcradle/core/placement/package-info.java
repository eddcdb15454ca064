/** The donor in its seat: its bodies, mounts and scans, the tubes that follow it, and how well each place is known. */
package oddcradle.core.placement;
