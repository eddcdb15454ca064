package oddcradle.core.frame.input;

import java.util.Optional;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;

/**
 * A spring without moment stiffness that joins two nodes through rigid arms that meet at its elastic centre; with its stop a line of two slopes
 * either way, common practice.
 *
 * @param bodyNode node of the body that is held
 * @param frameNode node that holds it
 * @param centre elastic centre, global axes, m
 * @param axes rows are the mount's own axes in global axes
 * @param stiffness along those axes, N/m, each 0 or more
 * @param stop that ends its way; empty where nothing does
 */
public record ElasticMount(
        String id, String bodyNode, String frameNode, Vec3 centre, Mat3 axes, Vec3 stiffness, Optional<Stop> stop) {
    /**
     * What a mount meets when its way is used up, along each of its axes and either way.
     *
     * @param freeWay from where the mount rests, m, above 0
     * @param stiffness beside the mount's own, N/m, above 0
     * @param rest deflection at rest, the mount's own axes, m
     */
    public record Stop(double freeWay, double stiffness, Vec3 rest) {
        public Stop {
            Guard.positive("freeWay", freeWay, "m");
            Guard.positive("stiffness", stiffness, "N/m");
            Guard.present("rest", rest);
        }

        /** Along one of its axes, 0 to 2, m. */
        public double rest(int axis) {
            return axis == 0 ? rest.x() : axis == 1 ? rest.y() : rest.z();
        }

        /** Whether it is met along any axis. @param deflection the mount's own axes, m */
        public boolean isMet(Vec3 deflection) {
            Vec3 moved = deflection.minus(rest);
            return Math.max(Math.abs(moved.x()), Math.max(Math.abs(moved.y()), Math.abs(moved.z()))) > freeWay;
        }

        /** On the mount, N, the mount's own axes. */
        public Vec3 force(Vec3 deflection) {
            return new Vec3(force(0, deflection.x()), force(1, deflection.y()), force(2, deflection.z()));
        }

        /** On the mount along one axis, N, against its deflection, m. */
        public double force(int axis, double deflection) {
            double moved = deflection - rest(axis);
            double beyond = Math.abs(moved) - freeWay;
            return beyond > 0 ? Math.signum(moved) * stiffness * beyond : 0;
        }
    }

    public ElasticMount {
        Guard.named("id", id);
        Guard.named("bodyNode", bodyNode);
        Guard.named("frameNode", frameNode);
        Guard.present("centre", centre);
        Guard.present("axes", axes);
        Guard.present("stiffness", stiffness);
        Guard.notNegative("stiffness[0]", stiffness.x(), "N/m");
        Guard.notNegative("stiffness[1]", stiffness.y(), "N/m");
        Guard.notNegative("stiffness[2]", stiffness.z(), "N/m");
    }

    /** Without a stop. */
    public ElasticMount(String id, String bodyNode, String frameNode, Vec3 centre, Mat3 axes, Vec3 stiffness) {
        this(id, bodyNode, frameNode, centre, axes, stiffness, Optional.empty());
    }

    public ElasticMount withStop(Optional<Stop> other) {
        return new ElasticMount(id, bodyNode, frameNode, centre, axes, stiffness, other);
    }

    /** The same body held by another node. */
    public ElasticMount on(String otherNode) {
        return new ElasticMount(id, bodyNode, otherNode, centre, axes, stiffness, stop);
    }
}
