package oddcradle.core.job.around;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;

/**
 * What an exhaust pipe needs beside its run.
 *
 * @param pipe mark of the pipe from flange to silencer at Seat
 * @param rise how much hotter than the shop it gets, K
 * @param joint what gives between flange and silencer
 * @param jointTravel how far that gives either way, m
 * @param hangers what carries it
 */
@RecordBuilder
public record Exhaust(String pipe, double rise, Joint joint, double jointTravel, List<Hanger> hangers)
        implements ExhaustBuilder.With {
    private static final double HOTTEST = 1200;
    private static final int MOST_HANGERS = 20;

    /** What gives in a pipe. */
    public enum Joint {
        NONE("nothing, welded through"),
        SLIP("slip joint"),
        SPRINGS("ball joint held by springs"),
        FLEX("flexible piece");

        private final String word;

        Joint(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    /**
     * Something that carries the pipe.
     *
     * @param on what it is fixed to
     * @param at host axes as drawn, m
     * @param give how far it lets the pipe move, m
     */
    @RecordBuilder
    public record Hanger(Holder on, Vec3 at, double give) implements ExhaustHangerBuilder.With {
        public Hanger {
            Guard.present("on", on);
            Guard.present("at", at);
            Guard.within("give", give, 0, 0.2, "m");
        }
    }

    public Exhaust {
        Guard.named("pipe", pipe);
        Guard.within("rise", rise, 0, HOTTEST, "K");
        Guard.present("joint", joint);
        Guard.within("jointTravel", jointTravel, 0, 0.2, "m");
        hangers = hangers == null ? List.of() : List.copyOf(hangers);
        Guard.within("hangers", hangers.size(), 0, MOST_HANGERS, "hangers");
    }
}
