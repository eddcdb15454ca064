/** Every thing of a step on a card: found by its name or picked in the stand, changed field by field. */
package oddcradle.desktop.card;
