/**
 * Where a rigid body can stand among others and how it gets there: gaps in any pose, ways in and out, room for tools, slings.
 * Lengths in m, axes of the host unless a name says otherwise.
 */
package oddcradle.core.seating;
