/** The worksheets, one package for each step. */
package oddcradle.desktop.step;
