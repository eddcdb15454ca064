package oddcradle.core.job.around;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;

/**
 * From a hand or foot to a lever of the engine.
 *
 * @param levers the hand's first, the engine's last
 * @param links one between every two
 * @param travel how far the hand's lever turns to its stop, rad, signed about its axis
 * @param wanted how far the engine's lever must turn, rad, signed about its axis
 * @param atRest moment that resists at the engine's lever at rest, N m
 * @param atEnd the same where it is wanted, N m
 * @param closedBy what brings it back
 * @param drag moment at the hand's lever that hinders its return, such as a pedal's weight, N m
 */
@RecordBuilder
public record Control(
        String id,
        String label,
        Use use,
        List<ControlLever> levers,
        List<ControlLink> links,
        double travel,
        double wanted,
        double atRest,
        double atEnd,
        Return closedBy,
        double drag)
        implements ControlBuilder.With {
    private static final int MOST_LEVERS = 6;
    private static final double LEAST_TURN = 0.01;
    private static final double MOST_TURN = Math.PI;
    private static final double MOST_MOMENT = 1000;

    /** What it works. */
    public enum Use {
        THROTTLE("throttle"),
        CHOKE("choke"),
        CLUTCH("clutch"),
        SHIFT("shift"),
        BRAKE("brake"),
        STOP("stop");

        private final String word;

        Use(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    /** What brings it back when it is let go. */
    public enum Return {
        ENGINE_SPRING("a spring at the engine's lever"),
        TWO_SPRINGS("two springs at the engine's lever"),
        SECOND_CABLE("a second cable that pulls it back"),
        HAND("the hand pushes it back"),
        HAND_SPRING("a spring at the hand's lever only"),
        NOTHING("nothing");

        private final String word;

        Return(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }

        /** Whether a spring stands at the engine's lever itself. */
        public boolean atEngine() {
            return this == ENGINE_SPRING || this == TWO_SPRINGS;
        }
    }

    public Control {
        Guard.named("id", id);
        Guard.named("label", label);
        Guard.present("use", use);
        levers = List.copyOf(Guard.present("levers", levers));
        links = List.copyOf(Guard.present("links", links));
        Guard.within("levers", levers.size(), 2, MOST_LEVERS, "levers");
        if (links.size() != levers.size() - 1) {
            throw new InvalidValue(
                    "links",
                    "has " + links.size() + " entries for " + levers.size()
                            + " levers, must have one between every two");
        }
        turn("travel", travel);
        turn("wanted", wanted);
        Guard.within("atRest", atRest, 0, MOST_MOMENT, "N m");
        Guard.within("atEnd", atEnd, 0, MOST_MOMENT, "N m");
        Guard.present("closedBy", closedBy);
        Guard.within("drag", drag, 0, MOST_MOMENT, "N m");
    }

    private static void turn(String field, double angle) {
        Guard.within(field, Math.abs(Guard.finite(field, angle)), LEAST_TURN, MOST_TURN, "rad either way");
    }

    /** With other levers and links together: each by itself would not fit the other. */
    public Control withTrain(List<ControlLever> otherLevers, List<ControlLink> otherLinks) {
        return new Control(id, label, use, otherLevers, otherLinks, travel, wanted, atRest, atEnd, closedBy, drag);
    }

    /** With another of its levers. */
    public Control withLever(int at, ControlLever lever) {
        List<ControlLever> all = new ArrayList<>(levers);
        all.set(at, lever);
        return withLevers(all);
    }
}
