/** What to do about a mount as it came out: what to shim, slot or cut, what the whole machine is like then, how the engine goes on, and who looked. */
package oddcradle.core.fitup;
