package oddcradle.core.job.line;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.job.body.Freedom;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Measured;

/**
 * What must line up before anything else, and so decides part of the seat.
 *
 * @param reason of the builder, in words
 * @param pivot the bolt the donor hangs on, for {@link Rule#PIVOT_BOLT}
 * @param thrust the line wanted, for {@link Rule#THRUST_LINE}
 */
@RecordBuilder
public record Datum(Rule rule, String reason, Optional<Pivot> pivot, Optional<Thrust> thrust)
        implements DatumBuilder.With {
    /** How near two directions must be to count as one: the cosine of 10 degrees. */
    private static final double SAME_WAY = 0.985;

    /** Nothing is decided. */
    public static final Datum FREE = new Datum(Rule.FREE, "", Optional.empty(), Optional.empty());

    public enum Rule {
        PIVOT_BOLT("pivot bolt through donor and frame"),
        DRIVE_PLANE("plane of chain or belt"),
        SHAFT_COAXIAL("shafts in line, for a coupling"),
        AXLE_SPLINE("axle splines in line"),
        THRUST_LINE("thrust line"),
        HOLE_PATTERN("holes that are there already"),
        FREE("nothing yet");

        private final String words;

        Rule(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * The bolt that donor, frame and often the swing arm share, and the collar that makes it fit.
     *
     * @param boss of the donor that it goes through
     * @param point of its axis in the frame, host axes, m
     * @param axis host axes
     * @param bolt diameter, m
     * @param length over which the boss guides the collar, m
     * @param clearance between bolt and collar, on the diameter, m
     * @param press how much larger than the boss's bore the collar is turned, m; negative to slip in
     */
    @RecordBuilder
    public record Pivot(String boss, Vec3 point, Vec3 axis, double bolt, double length, double clearance, double press)
            implements Measured<Pivot>, DatumPivotBuilder.With {
        private static final double MOST_PRESS = 0.0005;

        public Pivot {
            Guard.named("boss", boss);
            Guard.present("point", point);
            Guard.present("axis", axis).unit();
            Guard.positive("bolt", bolt, "m");
            Guard.positive("length", length, "m");
            Guard.within("clearance", clearance, 0, 0.005, "m");
            Guard.within("press", press, -MOST_PRESS, MOST_PRESS, "m");
        }

        @Override
        public List<Measure> measures() {
            return List.of(
                    Measure.of("axis forward", Kind.LENGTH, point.x()),
                    Measure.of("axis left", Kind.LENGTH, point.y()),
                    Measure.of("axis up", Kind.LENGTH, point.z()),
                    Measure.of("bolt", Kind.LENGTH, bolt),
                    Measure.of("collar length", Kind.LENGTH, length),
                    Measure.of("bolt clearance", Kind.LENGTH, clearance),
                    Measure.of("press into boss", Kind.LENGTH, press));
        }

        @Override
        public Pivot with(List<Double> v) {
            return new Pivot(
                    boss, new Vec3(v.get(0), v.get(1), v.get(2)), axis, v.get(3), v.get(4), v.get(5), v.get(6));
        }
    }

    /**
     * @param point it goes through, host axes, m
     * @param down angle below forward, rad
     * @param right angle to the right of forward, rad
     * @param tolerance of both angles, rad
     */
    public record Thrust(Vec3 point, double down, double right, double tolerance) implements Measured<Thrust> {
        public Thrust {
            Guard.present("point", point);
            Guard.within("down", down, -Math.PI / 4, Math.PI / 4, "rad");
            Guard.within("right", right, -Math.PI / 4, Math.PI / 4, "rad");
            Guard.positive("tolerance", tolerance, "rad");
        }

        @Override
        public List<Measure> measures() {
            return List.of(
                    Measure.of("through forward", Kind.LENGTH, point.x()),
                    Measure.of("through left", Kind.LENGTH, point.y()),
                    Measure.of("through up", Kind.LENGTH, point.z()),
                    Measure.of("down", Kind.ANGLE, down),
                    Measure.of("right", Kind.ANGLE, right),
                    Measure.of("tolerance", Kind.ANGLE, tolerance));
        }

        @Override
        public Thrust with(List<Double> v) {
            return new Thrust(new Vec3(v.get(0), v.get(1), v.get(2)), v.get(3), v.get(4), v.get(5));
        }
    }

    public Datum {
        Guard.present("rule", rule);
        reason = reason == null ? "" : reason;
        pivot = pivot == null ? Optional.empty() : pivot;
        thrust = thrust == null ? Optional.empty() : thrust;
        if (rule == Rule.PIVOT_BOLT && pivot.isEmpty()) {
            throw new InvalidValue("pivot", "is missing; a pivot bolt needs its boss, axis and diameter");
        }
        if (rule == Rule.THRUST_LINE && thrust.isEmpty()) {
            throw new InvalidValue("thrust", "is missing; a thrust line needs its point and angles");
        }
    }

    /** Of a kind that needs nothing more. */
    public static Datum of(Rule rule, String reason) {
        return new Datum(rule, reason, Optional.empty(), Optional.empty());
    }

    /**
     * The freedoms of the seat that it decides.
     *
     * @param axis of the shaft or bolt that lines up, host axes
     */
    public List<Freedom> decides(Vec3 axis) {
        Vec3 way = axis.unit();
        List<Freedom> decided = new ArrayList<>();
        for (Freedom freedom : Freedom.values()) {
            boolean along = Math.abs(way.dot(direction(freedom))) > SAME_WAY;
            boolean held =
                    switch (rule) {
                        case FREE -> false;
                        case HOLE_PATTERN -> true;
                        // In a plane it may slide and turn about the plane's normal.
                        case DRIVE_PLANE -> freedom.slides() == along;
                        // In line it may slide along and turn about the line.
                        case PIVOT_BOLT, SHAFT_COAXIAL, AXLE_SPLINE, THRUST_LINE -> !along;
                    };
            if (held) {
                decided.add(freedom);
            }
        }
        return decided;
    }

    private static Vec3 direction(Freedom freedom) {
        return switch (freedom) {
            case FORWARD, ROLL -> Vec3.X;
            case LEFT, PITCH -> Vec3.Y;
            case UP, YAW -> Vec3.Z;
        };
    }
}
