/** Every thing of a job as a card: its fields one by one, and what can be done with it. */
package oddcradle.core.card;
