/**
 * What an accelerometer has recorded: checked, as a spectrum, and by order of crank speed. SI throughout; three axes at right angles, however they are turned.
 */
package oddcradle.core.recording;
