/**
 * Mass, centre of gravity and inertia of a body from what a shop has: bathroom scales, a hoist, a stopwatch, or an estimate
 * from its shape. Each result with its uncertainty; several are combined by weight.
 *
 * <p>Body axes; gravity acts along minus Z of the body when it stands level. Uncertainties are one standard deviation. Not
 * modelled: air, the mass of wires and scales' own hysteresis.
 */
package oddcradle.core.weigh;
