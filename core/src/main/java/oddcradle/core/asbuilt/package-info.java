/**
 * What a body does on mounts that did not come out where they were drawn.
 *
 * <p>What acts: a mount that is out of place does not stop the engine from being bolted down. Bolts take up their play first, at no force; then
 * rubber and frame are bent until engine and mounts agree, and what bends them stays in them as long as the bolts are tight. So a place that fits is not the one with
 * the least distances but the one with the least work, and a stiff mount decides more than a soft one. Only what is left across a bolt beyond its play keeps the
 * bolt from going in by hand; what is left along a bolt is pulled shut, and is a force. A shim moves its own corner and, through the stiff engine, all others.
 */
package oddcradle.core.asbuilt;
