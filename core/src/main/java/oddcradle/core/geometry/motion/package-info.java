/** Bodies that move through a range: wheels with travel and steering, swing arms, parts drawn off; and the room they sweep. */
package oddcradle.core.geometry.motion;
