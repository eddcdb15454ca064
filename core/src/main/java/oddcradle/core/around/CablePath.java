package oddcradle.core.around;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;

/**
 * A cable or hose laid through clips.
 *
 * <p>It takes the curve of least bending that passes its clips and leaves its ends in their directions: a cubic spline over the lengths
 * between the clips, of continuous curvature. Good for gentle bends; where it turns more than about a quarter between two clips the real
 * curve lies a little farther out. Twist and weight are left out.
 *
 * @param points along it, close together, the ends among them, m
 * @param length along the curve, m
 * @param tightest least radius of its bends, m; infinite where it is straight
 * @param tightestAt where that is
 * @param bends all it turns on its way, rad
 */
public record CablePath(List<Vec3> points, double length, double tightest, Vec3 tightestAt, double bends) {
    private static final int MOST_POINTS = 200;

    /** Pieces that each span is cut into; the rest is of sixth order in that. */
    private static final int PIECES = 16;

    private static final double SAME = 1e-6;

    public CablePath {
        points = List.copyOf(points);
    }

    /**
     * @param clips the ends and what it passes between, at least two, none where the one before is, m
     * @param leaving direction at the first
     * @param arriving direction at the last
     * @throws InvalidValue naming a clip that repeats the one before
     */
    public static CablePath through(List<Vec3> clips, Vec3 leaving, Vec3 arriving) {
        Guard.within("clips", clips.size(), 2, MOST_POINTS, "points");
        List<Double> spans = new ArrayList<>();
        for (int k = 1; k < clips.size(); k++) {
            double span = clips.get(k).distanceTo(clips.get(k - 1));
            if (span < SAME) {
                throw new InvalidValue("clips[" + k + "]", "lies where the one before it does; take it away");
            }
            spans.add(span);
        }
        List<Vec3> slopes = slopes(clips, spans, leaving.unit(), arriving.unit());
        return followed(clips, spans, slopes);
    }

    /** Slopes of the clamped cubic spline: one equation for each clip between, solved downwards and up again. */
    private static List<Vec3> slopes(List<Vec3> clips, List<Double> spans, Vec3 leaving, Vec3 arriving) {
        int n = clips.size();
        Vec3[] right = new Vec3[n];
        double[] upper = new double[n];
        right[0] = leaving;
        for (int k = 1; k < n - 1; k++) {
            double before = spans.get(k - 1);
            double after = spans.get(k);
            Vec3 wanted = clips.get(k)
                    .minus(clips.get(k - 1))
                    .times(3 * after / before)
                    .plus(clips.get(k + 1).minus(clips.get(k)).times(3 * before / after));
            double diagonal = 2 * (before + after) - after * upper[k - 1];
            upper[k] = before / diagonal;
            right[k] = wanted.minus(right[k - 1].times(after)).times(1 / diagonal);
        }
        List<Vec3> slopes = new ArrayList<>(List.of(arriving));
        for (int k = n - 2; k >= 0; k--) {
            slopes.add(0, right[k].minus(slopes.get(0).times(upper[k])));
        }
        return slopes;
    }

    private static CablePath followed(List<Vec3> clips, List<Double> spans, List<Vec3> slopes) {
        List<Vec3> points = new ArrayList<>(List.of(clips.get(0)));
        double length = 0;
        double bends = 0;
        double tightest = Double.POSITIVE_INFINITY;
        Vec3 at = clips.get(0);
        for (int k = 0; k < spans.size(); k++) {
            Span span = new Span(clips.get(k), clips.get(k + 1), slopes.get(k), slopes.get(k + 1), spans.get(k));
            for (int piece = 0; piece < PIECES; piece++) {
                double from = piece / (double) PIECES;
                double to = (piece + 1) / (double) PIECES;
                length += span.gauss(from, to, span::speed);
                bends += span.gauss(from, to, t -> span.curvature(t) * span.speed(t));
                points.add(span.at(to));
                for (double t : new double[] {from, (from + to) / 2, to}) {
                    double curvature = span.curvature(t);
                    if (curvature * tightest > 1) {
                        tightest = 1 / curvature;
                        at = span.at(t);
                    }
                }
            }
        }
        return new CablePath(points, length, tightest, at, bends);
    }

    /** One cubic between two clips by Hermite's polynomials; its parameter runs from 0 to 1. */
    private record Span(Vec3 from, Vec3 to, Vec3 fromSlope, Vec3 toSlope, double length) {
        private interface Along {
            double at(double t);
        }

        /** Gauss and Legendre with three points. */
        double gauss(double from, double to, Along function) {
            double half = (to - from) / 2;
            double middle = (to + from) / 2;
            double off = half * Math.sqrt(0.6);
            return half / 9 * (5 * function.at(middle - off) + 8 * function.at(middle) + 5 * function.at(middle + off));
        }

        Vec3 at(double t) {
            double t2 = t * t;
            double t3 = t2 * t;
            return sum(2 * t3 - 3 * t2 + 1, t3 - 2 * t2 + t, -2 * t3 + 3 * t2, t3 - t2);
        }

        double speed(double t) {
            return first(t).length();
        }

        private Vec3 first(double t) {
            return sum(6 * t * t - 6 * t, 3 * t * t - 4 * t + 1, -6 * t * t + 6 * t, 3 * t * t - 2 * t);
        }

        double curvature(double t) {
            Vec3 first = first(t);
            Vec3 second = sum(12 * t - 6, 6 * t - 4, -12 * t + 6, 6 * t - 2);
            double speed = first.length();
            return speed == 0 ? 0 : first.cross(second).length() / (speed * speed * speed);
        }

        private Vec3 sum(double a, double b, double c, double d) {
            return from.times(a)
                    .plus(fromSlope.times(b * length))
                    .plus(to.times(c))
                    .plus(toSlope.times(d * length));
        }
    }
}
