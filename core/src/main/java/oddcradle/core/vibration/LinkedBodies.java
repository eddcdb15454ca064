package oddcradle.core.vibration;

import java.util.List;
import java.util.OptionalDouble;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.MassProperties;
import oddcradle.core.mechanics.ThreeSprings;

/**
 * Rigid bodies that hang on one another and on the ground by springs, some of which meet a stop.
 *
 * @param bodies host axes, m and kg, at least one
 * @param links at least one
 */
public record LinkedBodies(List<MassProperties> bodies, List<Link> links) {
    /** In place of a body: the ground. */
    public static final int GROUND = -1;

    public LinkedBodies {
        bodies = List.copyOf(bodies);
        links = List.copyOf(links);
        if (bodies.isEmpty() || links.isEmpty()) {
            throw new InvalidValue("links", "is empty, there must be a body and what holds it");
        }
        for (Link link : links) {
            if (link.of() < 0 || link.of() >= bodies.size() || link.on() < GROUND || link.on() >= bodies.size()) {
                throw new InvalidValue("links", "hold \"" + link.name() + "\", which joins a body that is not there");
            }
        }
    }

    /**
     * A mount of one body on another.
     *
     * @param of index of the body that it carries
     * @param on index of the body that it stands on, or {@link #GROUND}
     * @param at its elastic centre, host axes, m
     * @param axes rows are its own axes in host axes; unit and at right angles
     * @param stiffness along those axes, N/m, each 0 or more
     * @param loss structural loss factor, a ratio, 0 or more
     * @param freeWay either way along each axis before a stop is met, m, above 0; empty where there is none
     */
    public record Link(
            String name, int of, int on, Vec3 at, Mat3 axes, Vec3 stiffness, double loss, OptionalDouble freeWay) {
        /** A stop faced with rubber is so many times as stiff as the mount that it ends; common practice. */
        public static final double STOP = 10;

        public Link {
            Guard.named("name", name);
            Guard.present("at", at);
            ThreeSprings.require(axes, stiffness, loss);
            freeWay.ifPresent(way -> Guard.positive("freeWay", way, "m"));
        }

        /** Of its stop along every axis, N/m; nothing where there is none. */
        double stop() {
            return freeWay.isPresent() ? STOP * Math.max(stiffness.x(), Math.max(stiffness.y(), stiffness.z())) : 0;
        }

        /** Spring and stop together at a stretch along one of its axes, N. */
        double force(double stiffness, double stretch) {
            double way = freeWay.orElse(Double.POSITIVE_INFINITY);
            double beyond = stretch > way ? stretch - way : stretch < -way ? stretch + way : 0;
            return stiffness * stretch + stop() * beyond;
        }
    }
}
