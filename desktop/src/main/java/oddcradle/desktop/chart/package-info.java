/** One kind of chart for every sheet: axes that fit, values under the pointer, numbers that can be taken away. */
package oddcradle.desktop.chart;
