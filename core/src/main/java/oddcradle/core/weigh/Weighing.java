package oddcradle.core.weigh;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;

/** One way in which mass, centre of gravity or inertia was found. */
public sealed interface Weighing {
    String id();

    /**
     * What one scale shows.
     *
     * @param point of the body over the scale, m
     * @param mass shown, kg
     */
    record ScaleReading(Vec3 point, double mass) {
        public ScaleReading {
            Guard.present("point", point);
            Guard.notNegative("mass", mass, "kg");
        }
    }

    /**
     * The body level on scales: gives the mass; with two scales the centre of gravity along the line between them, with three
     * its place seen from above.
     *
     * @param readings one for each scale, at least one
     * @param sigma of each scale, kg
     */
    @RecordBuilder
    record Scales(String id, List<ScaleReading> readings, double sigma)
            implements Weighing, WeighingScalesBuilder.With {
        public Scales {
            Guard.named("id", id);
            readings = List.copyOf(Guard.present("readings", readings));
            Guard.positive("sigma", sigma, "kg");
            if (readings.isEmpty()) {
                throw new InvalidValue("readings", "is empty, there must be a scale");
            }
            if (!(readings.stream().mapToDouble(ScaleReading::mass).sum() > 0)) {
                throw new InvalidValue("readings", "add up to nothing, the body must have a mass");
            }
        }
    }

    /**
     * The body on a scale at {@code raised} and a pivot at {@code pivot}, with the raised end lifted: gives the height.
     *
     * @param angle of the lift, rad, 3 to 60 degrees
     * @param mass shown by the scale under the raised point, kg
     * @param sigma of the scale, kg
     * @param angleSigma of the angle, rad
     */
    @RecordBuilder
    record Tilt(String id, Vec3 pivot, Vec3 raised, double angle, double mass, double sigma, double angleSigma)
            implements Weighing, WeighingTiltBuilder.With {
        private static final double LEAST = Math.toRadians(3);
        private static final double MOST = Math.toRadians(60);

        public Tilt {
            Guard.named("id", id);
            Guard.present("pivot", pivot);
            Guard.present("raised", raised);
            Guard.within("angle", angle, LEAST, MOST, "rad");
            Guard.notNegative("mass", mass, "kg");
            Guard.positive("sigma", sigma, "kg");
            Guard.positive("angleSigma", angleSigma, "rad");
            if (level(raised.minus(pivot)) == 0) {
                throw new InvalidValue("raised", "stands straight over the pivot; choose two points apart");
            }
        }

        private static double level(Vec3 v) {
            return Math.hypot(v.x(), v.y());
        }
    }

    /**
     * The body hung from one point: its centre of gravity lies straight below. Two hangs from different points fix it.
     *
     * @param point it hangs from, m
     * @param down the plumb line's direction in body axes
     * @param angleSigma how well that direction is read, rad
     */
    @RecordBuilder
    record Hang(String id, Vec3 point, Vec3 down, double angleSigma) implements Weighing, WeighingHangBuilder.With {
        public Hang {
            Guard.named("id", id);
            Guard.present("point", point);
            Guard.present("down", down).unit();
            Guard.positive("angleSigma", angleSigma, "rad");
        }
    }

    /**
     * The body hung level by two or three parallel wires of one length, the centre of gravity in the middle between them, and
     * turned about the upright to swing: gives the moment of inertia about that axis.
     *
     * @param axis upright while swinging, body axes
     * @param radius of the wires from the axis, m; half the distance between two wires
     * @param length of the wires, m
     * @param period of one full swing, s
     * @param periodSigma s
     * @param lengthSigma of radius and length, m
     */
    @RecordBuilder
    record Pendulum(
            String id, Vec3 axis, double radius, double length, double period, double periodSigma, double lengthSigma)
            implements Weighing, WeighingPendulumBuilder.With {
        public Pendulum {
            Guard.named("id", id);
            Guard.present("axis", axis).unit();
            Guard.positive("radius", radius, "m");
            Guard.positive("length", length, "m");
            Guard.positive("period", period, "s");
            Guard.positive("periodSigma", periodSigma, "s");
            Guard.positive("lengthSigma", lengthSigma, "m");
        }
    }

    /**
     * Guessed from the shapes of the parts and what they are made of.
     *
     * @param shares the material of each part, by its id
     * @param relativeSigma of mass and inertia, 0.02 to 1; a third is common for an engine
     */
    @RecordBuilder
    record Estimate(String id, List<PartDensity> shares, double relativeSigma)
            implements Weighing, WeighingEstimateBuilder.With {
        private static final double BEST = 0.02;

        public Estimate {
            Guard.named("id", id);
            shares = List.copyOf(Guard.present("shares", shares));
            Guard.within("relativeSigma", relativeSigma, BEST, 1, "");
        }
    }

    /** What one part of the body is like inside. */
    record PartDensity(String part, DensityClass density) {
        public PartDensity {
            Guard.named("part", part);
            Guard.present("density", density);
        }
    }
}
