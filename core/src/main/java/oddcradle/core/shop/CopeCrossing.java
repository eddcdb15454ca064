package oddcradle.core.shop;

import oddcradle.core.geometry.distance.SegmentDistance;
import oddcradle.core.math.Vec3;

/** Where the lines of one branch, followed inwards, first meet one header. */
interface CopeCrossing {
    /** Squared sine of the angle between branch and header below which they count as parallel. */
    double PARALLEL = 1e-18;

    /**
     * Farthest out on the header's surface, m along the branch from its point; minus infinity where the line misses the header or runs
     * along it.
     *
     * @param c of the line, along the branch's reference, m
     * @param s of the line, a quarter turn on, m
     */
    double outermost(double c, double s);

    static CopeCrossing of(CopeBranch branch, CopeHeader header) {
        if (header instanceof CopeHeader.Round round) {
            return WithRound.of(branch, round);
        }
        if (header instanceof CopeHeader.Box box) {
            return new WithBox(branch, box);
        }
        if (header instanceof CopeHeader.Face face) {
            return new WithFace(branch, face);
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
        public double outermost(double c, double s) {
            if (ww < PARALLEL) {
                return Double.NEGATIVE_INFINITY;
            }
            double half = wf0 + c * wfu + s * wfv;
            double square = ff + 2 * (c * f0u + s * f0v + c * s * uv) + c * c * uu + s * s * vv;
            double root = half * half - ww * square;
            return root < 0 ? Double.NEGATIVE_INFINITY : (Math.sqrt(root) - half) / ww;
        }
    }

    /** A box is what lies within two pairs of planes: the line leaves it by the nearest plane that it leaves at all. */
    record WithBox(CopeBranch branch, CopeHeader.Box box) implements CopeCrossing {
        /** A branch as wide as its header touches it all along, m. */
        private static final double TOUCHES = 1e-9;

        @Override
        public double outermost(double c, double s) {
            Vec3 start = branch.at(c, s, 0).minus(box.point());
            Vec3 side = box.direction().cross(box.up());
            double[] within = {Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY};
            boolean meets = narrow(within, start.dot(side), branch.direction().dot(side), box.width() / 2)
                    && narrow(within, start.dot(box.up()), branch.direction().dot(box.up()), box.height() / 2);
            return meets && within[0] <= within[1] + TOUCHES && within[1] < Double.POSITIVE_INFINITY
                    ? within[1]
                    : Double.NEGATIVE_INFINITY;
        }

        /** Leaves of the range what lies between two planes; false where the line runs beside them. */
        private static boolean narrow(double[] within, double at, double speed, double half) {
            if (speed * speed < PARALLEL) {
                return Math.abs(at) <= half + TOUCHES;
            }
            double one = (-half - at) / speed;
            double other = (half - at) / speed;
            within[0] = Math.max(within[0], Math.min(one, other));
            within[1] = Math.min(within[1], Math.max(one, other));
            return true;
        }
    }

    /** One plane, met from outside. */
    record WithFace(CopeBranch branch, CopeHeader.Face face) implements CopeCrossing {
        @Override
        public double outermost(double c, double s) {
            double speed = branch.direction().dot(face.normal());
            if (speed <= 0 || speed * speed < PARALLEL) {
                return Double.NEGATIVE_INFINITY;
            }
            return -branch.at(c, s, 0).minus(face.point()).dot(face.normal()) / speed;
        }
    }

    /** Followed inwards by no more than the distance to the header each time, which never steps through its surface. */
    record WithBent(CopeBranch branch, CopeHeader.Bent bent) implements CopeCrossing {
        private static final double NEAR_ENOUGH = 1e-8;
        private static final int MOST_STEPS = 2_000;

        @Override
        public double outermost(double c, double s) {
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
                    return t;
                }
                t -= free;
            }
            return Double.NEGATIVE_INFINITY;
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
