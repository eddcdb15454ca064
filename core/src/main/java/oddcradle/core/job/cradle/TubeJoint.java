package oddcradle.core.job.cradle;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import oddcradle.core.catalog.ScrewThread;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;

/**
 * How one end of a cradle tube is joined; an end that none names is welded.
 *
 * @param member tube of the cradle
 * @param node its first or last node
 * @param thread of the bolt; empty where it is welded
 * @param sleeve tube inside the end that keeps a bolt from crushing it
 * @param bolt way of the bolt, host axes; empty: level through a tube, square through a plate. Only what of it lies across the tube counts
 */
@RecordBuilder
public record TubeJoint(
        String member, String node, Kind kind, String thread, Optional<InnerSleeve> sleeve, Optional<Vec3> bolt)
        implements TubeJointBuilder.With {
    /** Of a bolt's way across its tube, a ratio to the whole: a bolt along a tube holds nothing. */
    public static final double LEAST_ACROSS = 1e-3;

    /** How an end is held. */
    public enum Kind {
        WELDED("welded"),
        /** Bolted for good: it cannot be welded here, or should not. */
        BOLTED("bolted"),
        /** Bolted because the tube comes out for service. */
        REMOVABLE("removable");

        private final String word;

        Kind(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }

        public boolean isBolted() {
            return this != WELDED;
        }
    }

    /**
     * A short tube flush inside the end, riveted before the hole is drilled through both.
     *
     * @param od m
     * @param length m
     */
    public record InnerSleeve(double od, double length) {
        public InnerSleeve {
            Guard.size("od", od);
            Guard.size("length", length);
        }
    }

    public TubeJoint {
        Guard.named("member", member);
        Guard.named("node", node);
        Guard.present("kind", kind);
        thread = thread == null ? "" : thread;
        if (!thread.isEmpty()) {
            ScrewThread.of("thread", thread);
        }
        sleeve = sleeve == null ? Optional.empty() : sleeve;
        bolt = bolt == null ? Optional.empty() : bolt;
        bolt.ifPresent(way -> {
            if (!(way.length() > LEAST_ACROSS)) {
                throw new InvalidValue(
                        "bolt", "has no length; give the way that the bolt lies, such as 0, 1, 0 for sideways");
            }
        });
    }

    public static TubeJoint of(String member, String node, Kind kind, String thread) {
        return new TubeJoint(member, node, kind, thread, Optional.empty(), Optional.empty());
    }

    public TubeJoint withSleeve(Optional<InnerSleeve> other) {
        return new TubeJoint(member, node, kind, thread, other, bolt);
    }
}
