package oddcradle.core.vibration;

import oddcradle.core.math.InvalidValue;

/**
 * Integrates a run through resonance in steps that are short against the quickest thing there is: classical Runge-Kutta of the fourth order. Where a
 * step passes a peak its height is read off the cubic through both ends. Lewis, Trans. ASME 54 (1932), 253, for what is to be expected (from memory).
 */
public final class RunUpAnalysis {
    /** Steps in the shortest period: a kink in the force, where a snubber is met, then costs less than one part in ten thousand. */
    private static final int STEPS = 200;

    private static final double MOST_STEPS = 1e8;

    private RunUpAnalysis() {}

    /** @throws InvalidValue where the run would need more than a hundred million steps */
    public static RunUp.Peaks solve(RunUp run) {
        double stiffest =
                run.stiffness() + run.snubber().map(RunUp.Snubber::stiffness).orElse(0.0);
        double quickest = Math.max(Math.sqrt(stiffest / run.mass()), Math.max(run.from(), run.to()));
        double steps = Math.ceil(run.duration() * quickest / (2 * Math.PI) * STEPS) + STEPS;
        if (!(steps <= MOST_STEPS)) {
            throw new InvalidValue(
                    "duration",
                    "is " + run.duration() + " s, which at " + quickest / (2 * Math.PI)
                            + " Hz is too long to follow; take a shorter run");
        }
        return march(run, run.duration() / steps, (long) steps);
    }

    private static RunUp.Peaks march(RunUp run, double h, long steps) {
        double x = 0;
        double v = 0;
        double peak = 0;
        double peakAt = 0;
        double force = 0;
        for (long k = 0; k < steps; k++) {
            double t = k * h;
            double a1 = acceleration(run, t, x, v);
            double v2 = v + h / 2 * a1;
            double a2 = acceleration(run, t + h / 2, x + h / 2 * v, v2);
            double v3 = v + h / 2 * a2;
            double a3 = acceleration(run, t + h / 2, x + h / 2 * v2, v3);
            double v4 = v + h * a3;
            double a4 = acceleration(run, t + h, x + h * v3, v4);
            double nextX = x + h / 6 * (v + 2 * v2 + 2 * v3 + v4);
            double nextV = v + h / 6 * (a1 + 2 * a2 + 2 * a3 + a4);
            if (v * nextV < 0) {
                double share = turn(v, nextV, a1, acceleration(run, t + h, nextX, nextV), h);
                double top = Math.abs(hermite(x, nextX, v, nextV, h, share));
                if (top > peak) {
                    peak = top;
                    peakAt = t + share * h;
                }
            }
            x = nextX;
            v = nextV;
            if (Math.abs(x) > peak) {
                peak = Math.abs(x);
                peakAt = t + h;
            }
            force = Math.max(force, Math.abs(onBase(run, x, v)));
        }
        return new RunUp.Peaks(peak, peakAt, speed(run, peakAt), force);
    }

    private static double speed(RunUp run, double t) {
        return run.from() + (run.to() - run.from()) * t / run.duration();
    }

    private static double onBase(RunUp run, double x, double v) {
        double stop = run.snubber().map(each -> each.force(x)).orElse(0.0);
        return run.stiffness() * x + run.damping() * v + stop;
    }

    private static double acceleration(RunUp run, double t, double x, double v) {
        double omega = speed(run, t);
        double theta = t * (run.from() + omega) / 2;
        return (run.unbalance() * omega * omega * Math.sin(theta) - onBase(run, x, v)) / run.mass();
    }

    /** Share of the step where the speed, a cubic through its ends, is zero; by the secant, once bettered. */
    private static double turn(double v, double nextV, double a, double nextA, double h) {
        double share = v / (v - nextV);
        double here = hermite(v, nextV, a, nextA, h, share);
        double slope = nextV - v;
        return Math.max(0, Math.min(1, share - here / slope));
    }

    private static double hermite(double y, double nextY, double slope, double nextSlope, double h, double s) {
        double s2 = s * s;
        double s3 = s2 * s;
        return (2 * s3 - 3 * s2 + 1) * y
                + (s3 - 2 * s2 + s) * h * slope
                + (3 * s2 - 2 * s3) * nextY
                + (s3 - s2) * h * nextSlope;
    }
}
