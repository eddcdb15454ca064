/** What tubes and their joints bear beyond plain stress: columns, thin walls, tube on tube. */
package oddcradle.core.strength;
