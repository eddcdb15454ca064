/**
 * Space frames of straight prismatic members: small displacements, linear elasticity.
 *
 * <p>Local axes of a member: x from end i to end j; y = up x X with up = global Z, or global X for a member within
 * 1e-6 rad of vertical; z = x X y. A member along +X has y along +Y and z along +Z.
 *
 * <p>Not modelled: plasticity, warping, joint flexibility, contact.
 */
package oddcradle.core.frame;
