/**
 * The engine as a body and as a machine: its envelope from a dozen dimensions, and the forces of its crank. Engine axes: the
 * crank lies along Y, X is forward, Z up, the origin in the middle of the crank.
 */
package oddcradle.core.engine;
