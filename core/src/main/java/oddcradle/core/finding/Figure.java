package oddcradle.core.finding;

import oddcradle.core.units.Quantity;

/** A number worth showing, with its name and the answer to "why?". */
public record Figure(String name, Quantity quantity, Why why) {}
