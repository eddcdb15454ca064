/**
 * A rigid body on elastic mounts: modes, static sag, forced response, isolation.
 *
 * <p>Motions of the centre of gravity: x, y, z, then small rotations about x, y, z of the body's axes. Not modelled: mass
 * of the mounts, gravity stiffening, flexible supports.
 */
package oddcradle.core.vibration;
