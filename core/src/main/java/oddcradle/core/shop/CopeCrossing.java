package oddcradle.core.shop;

import oddcradle.core.geometry.distance.SegmentDistance;
import oddcradle.core.math.Vec3;

/** Where the lines of one branch, followed inwards, run through one header; exact, of a bent one to its chords. */
public interface CopeCrossing {
    /** Squared sine of the angle between branch and header below which they count as parallel. */
    double PARALLEL = 1e-18;

    /**
     * A piece of a line within a header, m along the branch from its point; may be endless.
     *
     * @param from where it goes in, seen from far inside
     * @param to where it comes out, that is where one who follows the line inwards first meets the header
     */
    record Piece(double from, double to) {
        static final Piece NONE = new Piece(Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY);
        static final Piece ALL = new Piece(Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY);

        /** A branch as wide as its header touches it all along, m. */
        private static final double TOUCHES = 1e-9;

        boolean isNone() {
            return from > to + TOUCHES;
        }

        Piece and(Piece other) {
            return new Piece(Math.max(from, other.from), Math.min(to, other.to));
        }

        /** What of a line lies at or under a plane: it is {@code at} over it to begin with and rises by {@code speed}. */
        static Piece under(double at, double speed) {
            if (speed * speed < PARALLEL) {
                return at <= TOUCHES ? ALL : NONE;
            }
            double end = -at / speed;
            return speed > 0 ? new Piece(Double.NEGATIVE_INFINITY, end) : new Piece(end, Double.POSITIVE_INFINITY);
        }
    }

    /**
     * How high a line begins over a plane and how fast it rises, as a polynomial of its place.
     *
     * @param at over the plane at the branch's point, m
     * @param perC for each metre along the reference, a ratio
     * @param perS a quarter turn on, a ratio
     * @param speed along the branch, a ratio
     */
    record Height(double at, double perC, double perS, double speed) {
        static Height of(CopeBranch branch, Vec3 point, Vec3 normal) {
            return new Height(
                    branch.point().minus(point).dot(normal),
                    branch.reference().dot(normal),
                    branch.quarter().dot(normal),
                    branch.direction().dot(normal));
        }

        double over(double c, double s) {
            return at + c * perC + s * perS;
        }
    }

    /**
     * @param c of the line, along the branch's reference, m
     * @param s of the line, a quarter turn on, m
     */
    Piece piece(double c, double s);

    /** Farthest out on the header's surface, m along the branch; minus infinity where the line misses the header or runs along it. */
    default double outermost(double c, double s) {
        Piece piece = piece(c, s);
        return piece.isNone() || piece.to() == Double.POSITIVE_INFINITY ? Double.NEGATIVE_INFINITY : piece.to();
    }

    static CopeCrossing of(CopeBranch branch, CopeHeader header) {
        if (header instanceof CopeHeader.Round round) {
            return WithRound.of(branch, round);
        }
        if (header instanceof CopeHeader.Box box) {
            return WithBox.of(branch, box);
        }
        if (header instanceof CopeHeader.Face face) {
            return new WithFace(Height.of(branch, face.point(), face.normal()));
        }
        if (header instanceof CopeHeader.Ended ended) {
            return new WithEnded(Height.of(branch, ended.end(), ended.outward()), of(branch, ended.whole()));
        }
        return new WithBent(branch, (CopeHeader.Bent) header);
    }

    /**
     * A line of the branch starts at {@code P + c u + s v}; across the header's axis it starts at {@code f = f0 + c fu + s fv} and runs
     * along {@code w}, so that {@code |f + t w| = R} is a quadratic in t whose coefficients are polynomials in c and s. They are worked
     * out once.
     */
    record WithRound(
            double ww,
            double wf0,
            double wfu,
            double wfv,
            double ff,
            double f0u,
            double f0v,
            double uu,
            double vv,
            double uv)
            implements CopeCrossing {
        static WithRound of(CopeBranch branch, CopeHeader.Round header) {
            Vec3 axis = header.direction();
            Vec3 w = branch.direction().withoutPartAlong(axis);
            Vec3 f0 = branch.point().minus(header.point()).withoutPartAlong(axis);
            Vec3 fu = branch.reference().withoutPartAlong(axis);
            Vec3 fv = branch.quarter().withoutPartAlong(axis);
            return new WithRound(
                    w.squaredLength(),
                    w.dot(f0),
                    w.dot(fu),
                    w.dot(fv),
                    f0.squaredLength() - header.radius() * header.radius(),
                    f0.dot(fu),
                    f0.dot(fv),
                    fu.squaredLength(),
                    fv.squaredLength(),
                    fu.dot(fv));
        }

        @Override
        public Piece piece(double c, double s) {
            if (ww < PARALLEL) {
                return square(c, s) <= 0 ? Piece.ALL : Piece.NONE;
            }
            double half = half(c, s);
            double root = half * half - ww * square(c, s);
            return root < 0 ? Piece.NONE : new Piece((-Math.sqrt(root) - half) / ww, (Math.sqrt(root) - half) / ww);
        }

        /** Exact, m, without a piece to be made: most headers are round, and a dragging hand waits for all their lines. */
        @Override
        public double outermost(double c, double s) {
            return upTo(c, s, Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY);
        }

        /** Farthest out of what lies between two places of the line, m; minus infinity where nothing does. */
        double upTo(double c, double s, double least, double most) {
            if (ww < PARALLEL) {
                return square(c, s) <= 0 && most < Double.POSITIVE_INFINITY && least <= most
                        ? most
                        : Double.NEGATIVE_INFINITY;
            }
            double half = half(c, s);
            double root = half * half - ww * square(c, s);
            if (root < 0) {
                return Double.NEGATIVE_INFINITY;
            }
            double from = Math.max(least, (-Math.sqrt(root) - half) / ww);
            double to = Math.min(most, (Math.sqrt(root) - half) / ww);
            return from > to + Piece.TOUCHES ? Double.NEGATIVE_INFINITY : to;
        }

        private double half(double c, double s) {
            return wf0 + c * wfu + s * wfv;
        }

        private double square(double c, double s) {
            return ff + 2 * (c * f0u + s * f0v + c * s * uv) + c * c * uu + s * s * vv;
        }
    }

    /** A box is what lies within two pairs of planes. */
    record WithBox(Height aside, double halfWidth, Height up, double halfHeight) implements CopeCrossing {
        static WithBox of(CopeBranch branch, CopeHeader.Box box) {
            return new WithBox(
                    Height.of(branch, box.point(), box.direction().cross(box.up())),
                    box.width() / 2,
                    Height.of(branch, box.point(), box.up()),
                    box.height() / 2);
        }

        @Override
        public Piece piece(double c, double s) {
            return within(aside.over(c, s), aside.speed(), halfWidth)
                    .and(within(up.over(c, s), up.speed(), halfHeight));
        }

        private static Piece within(double at, double speed, double half) {
            return Piece.under(at - half, speed).and(Piece.under(-at - half, -speed));
        }
    }

    /** All that lies behind one plane. */
    record WithFace(Height height) implements CopeCrossing {
        @Override
        public Piece piece(double c, double s) {
            return Piece.under(height.over(c, s), height.speed());
        }
    }

    /** A header up to the plane where it ends. */
    record WithEnded(Height height, CopeCrossing whole) implements CopeCrossing {
        /** Exact, m; of a round header without a piece to be made. */
        @Override
        public double outermost(double c, double s) {
            if (!(whole instanceof WithRound round)) {
                return CopeCrossing.super.outermost(c, s);
            }
            double at = height.over(c, s);
            double speed = height.speed();
            if (speed * speed < PARALLEL) {
                return at <= Piece.TOUCHES ? round.outermost(c, s) : Double.NEGATIVE_INFINITY;
            }
            double end = -at / speed;
            return speed > 0
                    ? round.upTo(c, s, Double.NEGATIVE_INFINITY, end)
                    : round.upTo(c, s, end, Double.POSITIVE_INFINITY);
        }

        @Override
        public Piece piece(double c, double s) {
            return whole.piece(c, s).and(Piece.under(height.over(c, s), height.speed()));
        }
    }

    /** Followed inwards by no more than the distance to the header each time, which never steps through its surface. */
    record WithBent(CopeBranch branch, CopeHeader.Bent bent) implements CopeCrossing {
        private static final double NEAR_ENOUGH = 1e-8;
        private static final int MOST_STEPS = 2_000;

        @Override
        public Piece piece(double c, double s) {
            Vec3 start = branch.at(c, s, 0);
            double from = Double.NEGATIVE_INFINITY;
            double to = Double.POSITIVE_INFINITY;
            for (Vec3 point : bent.line()) {
                double along = point.minus(start).dot(branch.direction());
                from = Math.max(from, along + bent.radius());
                to = Math.min(to, along - bent.radius());
            }
            double t = from;
            for (int step = 0; step < MOST_STEPS && t >= to; step++) {
                double free = distance(start.along(branch.direction(), t)) - bent.radius();
                if (free < NEAR_ENOUGH) {
                    return new Piece(to, t);
                }
                t -= free;
            }
            return Piece.NONE;
        }

        private double distance(Vec3 point) {
            double least = Double.POSITIVE_INFINITY;
            for (int k = 1; k < bent.line().size(); k++) {
                Vec3 near = SegmentDistance.closestOnSegment(
                        point, bent.line().get(k - 1), bent.line().get(k));
                least = Math.min(least, near.distanceTo(point));
            }
            return least;
        }
    }
}
