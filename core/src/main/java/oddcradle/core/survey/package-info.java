/**
 * Points of a body from readings by hand: what was read with which instrument, the weighted least squares adjustment of all
 * of it, how well each point is known, and which reading does not agree.
 *
 * <p>Axes and datum planes are the body's own: the three planes in which forward, left and up are zero. Lengths in metres,
 * angles in radians, uncertainties as one standard deviation. Not modelled: readings that lean on each other (two taken from
 * one badly held straight-edge), and bodies that bend between readings.
 */
package oddcradle.core.survey;
