/** Start, wiring and the frame of the window. */
package oddcradle.desktop.app;
