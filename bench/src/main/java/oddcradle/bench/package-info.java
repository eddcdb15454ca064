/** Speed, as ratios measured in one run; never shipped. */
package oddcradle.bench;
