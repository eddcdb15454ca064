package oddcradle.core.geometry.distance;

import oddcradle.core.math.Vec3;

/** Closest points of two straight segments, either of which may be a single point. */
public final class SegmentDistance {
    private SegmentDistance() {}

    /** Closest points on the first and on the second segment, metres. */
    public record Closest(Vec3 pointA, Vec3 pointB) {}

    /**
     * Method of Ericson, Real-Time Collision Detection, 2005, section 5.1.9 (from memory), with the clamped solution
     * repeated from the other side, so that nearly parallel segments stay exact.
     */
    public static Closest between(Vec3 a0, Vec3 a1, Vec3 b0, Vec3 b1) {
        Vec3 da = a1.minus(a0);
        Vec3 db = b1.minus(b0);
        double aa = da.squaredLength();
        double bb = db.squaredLength();
        if (aa == 0 || bb == 0) {
            return aa == 0 ? pointAndSegment(a0, b0, b1) : segmentAndPoint(a0, a1, b0);
        }
        Vec3 r = a0.minus(b0);
        double ab = da.dot(db);
        double c = da.dot(r);
        double f = db.dot(r);
        double denominator = aa * bb - ab * ab;
        double s = denominator > 1e-14 * aa * bb ? clamp((ab * f - c * bb) / denominator) : 0;
        double t = clamp((ab * s + f) / bb);
        s = clamp((ab * t - c) / aa);
        t = clamp((ab * s + f) / bb);
        return new Closest(a0.along(da, s), b0.along(db, t));
    }

    /** The point of the segment that is closest to {@code point}. */
    public static Vec3 closestOnSegment(Vec3 point, Vec3 p0, Vec3 p1) {
        return p0.along(p1.minus(p0), fractionOfClosest(point, p0, p1));
    }

    /** How far along the segment, 0 at p0 to 1 at p1, its closest point to {@code point} lies. */
    public static double fractionOfClosest(Vec3 point, Vec3 p0, Vec3 p1) {
        Vec3 d = p1.minus(p0);
        double squared = d.squaredLength();
        return squared == 0 ? 0 : clamp(point.minus(p0).dot(d) / squared);
    }

    private static Closest pointAndSegment(Vec3 a, Vec3 b0, Vec3 b1) {
        return new Closest(a, closestOnSegment(a, b0, b1));
    }

    private static Closest segmentAndPoint(Vec3 a0, Vec3 a1, Vec3 b) {
        return new Closest(closestOnSegment(b, a0, a1), b);
    }

    private static double clamp(double fraction) {
        return Math.max(0, Math.min(1, fraction));
    }
}
