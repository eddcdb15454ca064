package oddcradle.core.examine;

import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import oddcradle.core.clearance.Separations;
import oddcradle.core.control.Remembered;
import oddcradle.core.drive.JackShaft;
import oddcradle.core.placement.Bodies;
import oddcradle.core.step.make.CopeBook;
import oddcradle.core.step.seat.NeighbourChecks;

/** What an examination has worked out, by its inputs, for the next one to take over. */
final class Memory {
    private record Known(Object input, Object answer) {}

    private final Map<Analysis, Known> earlier;
    private final Map<Analysis, Known> known = new EnumMap<>(Analysis.class);
    private final Set<Analysis> worked = EnumSet.noneOf(Analysis.class);
    private final Bodies bodies;
    private final Separations separations;
    private final NeighbourChecks neighbours;
    private final CopeBook copes;
    private final Remembered<JackShaft, Optional<Double>> criticalSpeeds;

    private Memory(
            Map<Analysis, Known> earlier,
            Bodies bodies,
            Separations separations,
            NeighbourChecks neighbours,
            CopeBook copes,
            Remembered<JackShaft, Optional<Double>> criticalSpeeds) {
        this.earlier = earlier;
        this.bodies = bodies;
        this.separations = separations;
        this.neighbours = neighbours;
        this.copes = copes;
        this.criticalSpeeds = criticalSpeeds;
    }

    static Memory nothing() {
        return new Memory(
                Map.of(),
                Bodies.afresh(),
                Separations.nothing(),
                NeighbourChecks.afresh(),
                CopeBook.empty(),
                Remembered.nothing());
    }

    /** For the next examination, once this one is made. */
    Memory next() {
        return new Memory(
                known, bodies.next(), separations.next(), neighbours.next(), copes.next(), criticalSpeeds.next());
    }

    /** The earlier answer where the input is equal; each analysis has one type of input and of answer. */
    @SuppressWarnings("unchecked")
    <I extends Record, R> R recall(Analysis analysis, I input, Function<? super I, ? extends R> work) {
        Known before = earlier.get(analysis);
        Known now = before != null && before.input().equals(input) ? before : null;
        if (now == null) {
            now = new Known(input, work.apply(input));
            worked.add(analysis);
        }
        known.put(analysis, now);
        return (R) now.answer();
    }

    Set<Analysis> worked() {
        return Collections.unmodifiableSet(worked);
    }

    Bodies bodies() {
        return bodies;
    }

    Separations separations() {
        return separations;
    }

    NeighbourChecks neighbours() {
        return neighbours;
    }

    CopeBook copes() {
        return copes;
    }

    /** Of jackshafts, rad/s; empty where one has none. */
    Remembered<JackShaft, Optional<Double>> criticalSpeeds() {
        return criticalSpeeds;
    }
}
