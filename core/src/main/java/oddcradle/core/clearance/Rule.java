package oddcradle.core.clearance;

import oddcradle.core.finding.Source;
import oddcradle.core.math.Guard;

/**
 * The room a pair has to keep when everything has moved.
 *
 * @param room m, 0 or more
 * @param kind of pair, in words: "hot to fuel"
 * @param source whose rule it is; the user's reason where the pair has a rule of its own
 */
public record Rule(double room, String kind, Source source) {
    public Rule {
        Guard.notNegative("room", room, "m");
        Guard.named("kind", kind);
        Guard.present("source", source);
    }
}
