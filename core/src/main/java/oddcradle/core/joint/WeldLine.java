package oddcradle.core.joint;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Roots;
import oddcradle.core.math.Vec3;

/**
 * A fillet weld of any run in the plane z = 0, reckoned as a line of unit throat: in the plane the load goes with the length and the
 * twist with the distance from the middle, across it the bending goes linearly over both axes. Blodgett, Design of Welded Structures,
 * 7.4 (from memory); exact for a run that is not along its axes by its product moment.
 *
 * @param pieces that follow each other or not, one at least
 */
public record WeldLine(List<Piece> pieces) {
    /** Of a second moment against the greater one, below which the line bears no moment about that axis. */
    private static final double STRAIGHT = 1e-12;

    private static final double CARRIED = 1e-9;
    private static final int CIRCLE_STEPS = 360;

    public WeldLine {
        pieces = List.copyOf(pieces);
        if (pieces.isEmpty()) {
            throw new InvalidValue("shape", "has no weld, must have one run at least");
        }
    }

    /** A straight run or a whole circle. */
    public sealed interface Piece {
        /** m */
        double length();

        /** Middle of the run, m, z = 0. */
        Vec3 middle();
    }

    /** Straight from one point to another, m. */
    public record Run(Vec3 from, Vec3 to) implements Piece {
        public Run {
            if (to.minus(from).length() <= 0) {
                throw new InvalidValue("points", "stand twice at the same place: a run has a length");
            }
        }

        @Override
        public double length() {
            return to.minus(from).length();
        }

        @Override
        public Vec3 middle() {
            return from.towards(to, 0.5);
        }
    }

    /** Middle and diameter, m. */
    public record Circle(Vec3 middle, double diameter) implements Piece {
        public Circle {
            Guard.size("d", diameter);
        }

        @Override
        public double length() {
            return Math.PI * diameter;
        }

        Vec3 at(double angle) {
            return middle.plus(new Vec3(Math.cos(angle), Math.sin(angle), 0).times(diameter / 2));
        }
    }

    /** All round a tube's end, diameter m. */
    public static WeldLine round(double diameter) {
        return new WeldLine(List.of(new Circle(Vec3.ZERO, diameter)));
    }

    /** All round a rectangle about the origin, m. */
    public static WeldLine rectangle(double b, double h) {
        Guard.size("b", b);
        Guard.size("h", h);
        return along(
                List.of(
                        new Vec3(-b / 2, -h / 2, 0),
                        new Vec3(b / 2, -h / 2, 0),
                        new Vec3(b / 2, h / 2, 0),
                        new Vec3(-b / 2, h / 2, 0)),
                true);
    }

    /** Two runs along x about the origin, m. */
    public static WeldLine twoLines(double length, double spacing) {
        Guard.size("length", length);
        Guard.size("spacing", spacing);
        double x = length / 2;
        double y = spacing / 2;
        return new WeldLine(List.of(
                new Run(new Vec3(-x, -y, 0), new Vec3(x, -y, 0)), new Run(new Vec3(-x, y, 0), new Vec3(x, y, 0))));
    }

    /** From point to point, m, z = 0; back to the first where closed. */
    public static WeldLine along(List<Vec3> points, boolean closed) {
        if (points.size() < 2) {
            throw new InvalidValue("points", "are " + points.size() + ", must be 2 or more");
        }
        List<Piece> runs = new ArrayList<>();
        for (int k = 1; k < points.size(); k++) {
            runs.add(new Run(points.get(k - 1), points.get(k)));
        }
        if (closed) {
            runs.add(new Run(points.get(points.size() - 1), points.get(0)));
        }
        return new WeldLine(runs);
    }

    /** m */
    public double length() {
        return pieces.stream().mapToDouble(Piece::length).sum();
    }

    /** Of the line, m. */
    public Vec3 centroid() {
        Vec3 sum = Vec3.ZERO;
        for (Piece piece : pieces) {
            sum = sum.along(piece.middle(), piece.length());
        }
        return sum.times(1 / length());
    }

    /**
     * Second moments of the line about its centroid, unit throat, m3.
     *
     * @param xx integral of y squared
     * @param yy integral of x squared
     * @param xy integral of x times y
     */
    record Moments(double xx, double yy, double xy) {
        double polar() {
            return xx + yy;
        }
    }

    Moments moments() {
        Vec3 centroid = centroid();
        double xx = 0;
        double yy = 0;
        double xy = 0;
        for (Piece piece : pieces) {
            Vec3 from = piece.middle().minus(centroid);
            double length = piece.length();
            double ownXx;
            double ownYy;
            double ownXy;
            if (piece instanceof Run run) {
                Vec3 way = run.to().minus(run.from());
                ownXx = length * way.y() * way.y() / 12;
                ownYy = length * way.x() * way.x() / 12;
                ownXy = length * way.x() * way.y() / 12;
            } else {
                double radius = length / (2 * Math.PI);
                ownXx = length * radius * radius / 2;
                ownYy = ownXx;
                ownXy = 0;
            }
            xx += ownXx + length * from.y() * from.y();
            yy += ownYy + length * from.x() * from.x();
            xy += ownXy + length * from.x() * from.y();
        }
        return new Moments(xx, yy, xy);
    }

    /**
     * Where the line is worked hardest.
     *
     * @param at m
     * @param lineForce on the weld there, N/m
     */
    public record Worst(Vec3 at, Vec3 lineForce) {}

    /**
     * @param force on the weld, N
     * @param moment N m, about {@code point}
     * @param point where the force acts, m
     * @throws InvalidValue for a moment that the line cannot carry
     */
    public Worst worst(Vec3 force, Vec3 moment, Vec3 point) {
        Loaded loaded = loaded(force, moment, point);
        Worst worst = null;
        for (Piece piece : pieces) {
            for (Vec3 at :
                    piece instanceof Run run ? List.of(run.from(), run.to()) : List.of(top((Circle) piece, loaded))) {
                Vec3 here = loaded.at(at);
                // Where two are alike the first stays, whatever the rounding.
                if (worst == null || here.length() > worst.lineForce().length() * (1 + 1e-12)) {
                    worst = new Worst(at, here);
                }
            }
        }
        return worst;
    }

    /** Load on the weld at one of its points, N/m; the rest as in {@link #worst}. */
    public Vec3 lineForce(Vec3 at, Vec3 force, Vec3 moment, Vec3 point) {
        return loaded(force, moment, point).at(at);
    }

    private record Loaded(Vec3 centroid, Vec3 even, double twist, double slopeX, double slopeY) {
        /** N/m */
        Vec3 at(Vec3 point) {
            double x = point.x() - centroid.x();
            double y = point.y() - centroid.y();
            return even.plus(new Vec3(-twist * y, twist * x, slopeX * x + slopeY * y));
        }
    }

    private Loaded loaded(Vec3 force, Vec3 moment, Vec3 point) {
        Vec3 centroid = centroid();
        Vec3 about = moment.plus(point.minus(centroid).cross(force));
        Moments moments = moments();
        double middle = (moments.xx() + moments.yy()) / 2;
        double apart = Math.hypot((moments.xx() - moments.yy()) / 2, moments.xy());
        // Along (cos, sin) the line reaches farthest; bending about that axis meets the lesser moment.
        double turned = Math.atan2(moments.xy(), (moments.yy() - moments.xx()) / 2) / 2;
        Vec3 far = new Vec3(Math.cos(turned), Math.sin(turned), 0);
        Vec3 near = new Vec3(-Math.sin(turned), Math.cos(turned), 0);
        // A pull that grows along an axis turns about the one square to it.
        double alongFar = -about.dot(near) / (middle + apart);
        double alongNear = 0;
        double lesser = middle - apart;
        if (lesser > STRAIGHT * (middle + apart)) {
            alongNear = about.dot(far) / lesser;
        } else if (Math.abs(about.dot(far)) > CARRIED * Math.max(about.length(), force.length() * length())) {
            throw new InvalidValue(
                    "moment",
                    "turns the weld about itself by " + Math.abs(about.dot(far))
                            + " N m, and one straight run carries none; weld both sides or take the moment away");
        }
        Vec3 slope = far.times(alongFar).plus(near.times(alongNear));
        return new Loaded(centroid, force.times(1 / length()), about.z() / moments.polar(), slope.x(), slope.y());
    }

    private static Vec3 top(Circle circle, Loaded loaded) {
        double step = 2 * Math.PI / CIRCLE_STEPS;
        int best = 0;
        double greatest = -1;
        for (int k = 0; k < CIRCLE_STEPS; k++) {
            double here = loaded.at(circle.at(k * step)).length();
            if (here > greatest) {
                greatest = here;
                best = k;
            }
        }
        double angle = Roots.greatest((best - 1) * step, (best + 1) * step, 1e-9, each -> loaded.at(circle.at(each))
                .length());
        return circle.at(angle);
    }
}
