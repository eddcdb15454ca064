/** Short answers to the questions builders ask, from the open job or from a few typed numbers. */
package oddcradle.core.pocket;
