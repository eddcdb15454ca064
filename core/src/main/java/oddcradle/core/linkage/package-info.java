/**
 * Hand to engine: levers on fixed pivots, joined by rods and cables, as exact kinematics in space and as work.
 *
 * <p>What really acts. A lever turns about its own pin and nothing else. A rod keeps the distance of its two ends; it pushes and pulls. A
 * cable keeps the length of its wire: what comes out of one end of the conduit goes in at the other; it pulls only, and whatever returns the
 * engine's lever must drag the wire back through every bend, against the same friction that the hand met. Work in is work out, less that
 * friction. Not modelled: stretch of wire and conduit, slack in pins, bending of levers.
 */
package oddcradle.core.linkage;
