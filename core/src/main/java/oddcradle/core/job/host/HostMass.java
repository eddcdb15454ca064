package oddcradle.core.job.host;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;

/**
 * Something heavy that the frame carries: a driver, a full tank, an alternator, a load of fruit.
 *
 * @param mass kg
 * @param at its centre of gravity in host axes, m
 * @param nodes of the host that carry it; empty: the nearest one does
 * @param weighed whether it was on the machine when the machine was weighed; where it is left out of a file it was not
 */
@RecordBuilder
public record HostMass(String id, String label, Sort sort, double mass, Vec3 at, List<String> nodes, Boolean weighed)
        implements HostMassBuilder.With {
    /** No machine of this size carries more in one piece, kg. */
    private static final double MOST = 20_000;

    /** What it is; it is all one to the frame, but not to who reads the list. */
    public enum Sort {
        PERSON("person"),
        FUEL("fuel"),
        CARGO("cargo"),
        DRIVEN_MACHINE("driven machine"),
        WHEELS("wheels and axle"),
        BODY("body, seat, fittings"),
        BALLAST("ballast");

        private final String words;

        Sort(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public HostMass {
        Guard.named("id", id);
        Guard.named("label", label);
        Guard.present("sort", sort);
        Guard.positive("mass", mass, "kg");
        Guard.within("mass", mass, 0, MOST, "kg");
        Guard.present("at", at);
        nodes = nodes == null ? List.of() : List.copyOf(nodes);
        weighed = weighed != null && weighed;
    }
}
