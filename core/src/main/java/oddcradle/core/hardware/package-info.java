/** Every mount down to the last washer. */
package oddcradle.core.hardware;
