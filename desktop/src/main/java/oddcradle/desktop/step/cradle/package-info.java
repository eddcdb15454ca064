/** Worksheets of the cradle. */
package oddcradle.desktop.step.cradle;
