/** The analyses as calculators: one JSON object in, one out, SI throughout. */
package oddcradle.files.calc;
