package oddcradle.core.clearance;

import java.util.List;
import oddcradle.core.finding.Source;
import oddcradle.core.geometry.distance.Separation;

/** What the ledger has to know of a pair besides its distance. */
public interface PairRules {
    /** Each pair keeps the greater room of its two bodies and nothing moves. */
    PairRules BY_ROOM = new PairRules() {};

    /** Whether the pair is to be held apart at all. */
    default boolean counts(Body part, Body obstacle) {
        return true;
    }

    default Rule rule(Body part, Body obstacle) {
        String kind = part.room() >= obstacle.room() ? part.nature() : obstacle.nature();
        return new Rule(Math.max(part.room(), obstacle.room()), kind, Source.commonPractice());
    }

    /** What the two draw nearer by along their shortest distance. */
    default List<Allowance> allowances(Body part, Body obstacle, Separation apart) {
        return List.of();
    }

    /** No allowance of the pair is more, m. */
    default double mostMovement(Body part, Body obstacle) {
        return 0;
    }

    /** Standard uncertainty of the distance along itself, m. */
    default double sigma(Body part, Body obstacle, Separation apart) {
        return 0;
    }
}
