/** Progress of long computations and their ending. */
package oddcradle.core.control;
