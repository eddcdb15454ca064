package oddcradle.core.joint;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;

/**
 * Bolts in one plane, z = 0, that share a force and a moment.
 *
 * <p>Shear by the elastic vector method about the centroid of the bolt areas; tension as in a stiff plate on elastic bolts, its
 * neutral axis through the centroid, no prying, compression carried by the bolts too. Source: Shigley, Mechanical Engineering
 * Design, bolted joints in shear with eccentric load (from memory).
 *
 * @param bolts one for each, in the order given
 * @param centroidX of the areas, m
 * @param centroidY m
 */
public record BoltGroup(List<BoltLoad> bolts, double centroidX, double centroidY) {
    private static final int MOST_BOLTS = 1000;
    private static final double IN_LINE = 1e-12;

    /** Shear along x and y and tension along z (negative: pressed), N. */
    public record BoltLoad(double shearX, double shearY, double tension) {
        /** N */
        public double shear() {
            return Math.hypot(shearX, shearY);
        }
    }

    /**
     * @param area that carries, m2
     * @param x m
     * @param y m
     */
    public record Bolt(double x, double y, double area) {
        public Bolt {
            Guard.finite("x", x);
            Guard.finite("y", y);
            Guard.positive("area", area, "m2");
        }
    }

    /** The largest shear of one bolt, N. */
    public double maxShear() {
        return bolts.stream().mapToDouble(BoltLoad::shear).max().orElse(0);
    }

    /** The largest tension of one bolt, N. */
    public double maxTension() {
        return bolts.stream().mapToDouble(BoltLoad::tension).max().orElse(0);
    }

    /**
     * @param force on the plate, N
     * @param moment N m
     * @param point where the force acts, m
     * @throws InvalidValue if there are no bolts, or a moment that they cannot carry: one bolt, or all in one line
     */
    public static BoltGroup of(List<Bolt> bolts, Vec3 force, Vec3 moment, Vec3 point) {
        if (bolts.isEmpty() || bolts.size() > MOST_BOLTS) {
            throw new InvalidValue("bolts", "has " + bolts.size() + " entries, must have 1 to " + MOST_BOLTS);
        }
        double area = bolts.stream().mapToDouble(Bolt::area).sum();
        double cx = bolts.stream().mapToDouble(bolt -> bolt.area() * bolt.x()).sum() / area;
        double cy = bolts.stream().mapToDouble(bolt -> bolt.area() * bolt.y()).sum() / area;
        Vec3 about = moment.plus(point.minus(new Vec3(cx, cy, 0)).cross(force));
        double sxx = 0;
        double syy = 0;
        double sxy = 0;
        for (Bolt bolt : bolts) {
            double x = bolt.x() - cx;
            double y = bolt.y() - cy;
            sxx += bolt.area() * x * x;
            syy += bolt.area() * y * y;
            sxy += bolt.area() * x * y;
        }
        double polar = sxx + syy;
        double twist = about.z() == 0 ? 0 : about.z() / carried(polar, polar, "moment[2]");
        double alongX = 0;
        double alongY = 0;
        if (about.x() != 0 || about.y() != 0) {
            // Stress a x + b y: the moments about x and y are its first moments.
            double spread = carried(sxx * syy - sxy * sxy, polar * polar, "moment");
            alongX = (-about.y() * syy - about.x() * sxy) / spread;
            alongY = (about.x() * sxx + about.y() * sxy) / spread;
        }
        List<BoltLoad> loads = new ArrayList<>();
        for (Bolt bolt : bolts) {
            double x = bolt.x() - cx;
            double y = bolt.y() - cy;
            loads.add(new BoltLoad(
                    bolt.area() * (force.x() / area - twist * y),
                    bolt.area() * (force.y() / area + twist * x),
                    bolt.area() * (force.z() / area + alongX * x + alongY * y)));
        }
        return new BoltGroup(List.copyOf(loads), cx, cy);
    }

    private static double carried(double spread, double scale, String field) {
        if (!(spread > IN_LINE * scale) || scale == 0) {
            throw new InvalidValue(
                    field, "cannot be carried by bolts that all lie in one place or one line; set one beside them");
        }
        return spread;
    }
}
