package oddcradle.core.vibration;

import java.util.Arrays;
import java.util.Optional;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.SmallMotion;

/**
 * Follows linked bodies in time from rest, stops and all: classical Runge-Kutta of the fourth order in steps that are short against the quickest natural
 * frequency with every stop met, and against what pushes. Small motions. Checked against the steady answer of {@link RigidBodyModes} and against
 * {@link RunUpAnalysis}. Ten thousand steps of one body on four mounts take a few hundredths of a second.
 */
public final class LinkedBodiesInTime {
    private static final int STEPS = 60;
    private static final double MOST_STEPS = 4e6;

    private final LinkedBodies system;
    private final LinkedMatrices matrices;

    private LinkedBodiesInTime(LinkedBodies system, LinkedMatrices matrices) {
        this.system = system;
        this.matrices = matrices;
    }

    /** Empty where a body can move without a spring. */
    public static Optional<LinkedBodiesInTime> of(LinkedBodies system) {
        return LinkedMatrices.of(system).map(matrices -> new LinkedBodiesInTime(system, matrices));
    }

    /** What pushes the bodies. */
    @FunctionalInterface
    public interface Push {
        /**
         * @param time s
         * @param loads to be filled, body after body: force N and moment about its centre of gravity N m, host axes; zero when it comes
         */
        void at(double time, double[] loads);
    }

    /** Who watches, at every step. */
    @FunctionalInterface
    public interface Watcher {
        void look(double time, State state);
    }

    /** How everything stands at one instant; good only while it is looked at. */
    public final class State {
        private final March march;
        private final double[] q;
        private final double[] v;
        private double time;

        private State(March march, double[] q, double[] v) {
            this.march = march;
            this.q = q;
            this.v = v;
        }

        /** Of a body: its centre of gravity, m/s2, and its turning, rad/s2. */
        public SmallMotion acceleration(int body) {
            return of(march.acceleration(time, q, v), body);
        }

        /** Of a body from rest, about its centre of gravity. */
        public SmallMotion motion(int body) {
            return of(q, body);
        }

        private SmallMotion of(double[] all, int body) {
            int at = 6 * body;
            return new SmallMotion(
                    system.bodies().get(body).cg(),
                    new Vec3(all[at], all[at + 1], all[at + 2]),
                    new Vec3(all[at + 3], all[at + 4], all[at + 5]));
        }

        /** Of a link along its own axes, m. */
        public Vec3 stretch(int link) {
            return new Vec3(
                    dot(matrices.stretch[link][0], q),
                    dot(matrices.stretch[link][1], q),
                    dot(matrices.stretch[link][2], q));
        }

        /**
         * Of spring and stop on what they stand on, N along the link's axes. What damping passes on besides is a few parts in a thousand at a loss of 0.1 and left
         * out.
         */
        public Vec3 force(int link) {
            LinkedBodies.Link each = system.links().get(link);
            Vec3 stretch = stretch(link);
            return new Vec3(
                    each.force(each.stiffness().x(), stretch.x()),
                    each.force(each.stiffness().y(), stretch.y()),
                    each.force(each.stiffness().z(), stretch.z()));
        }
    }

    /**
     * @param duration s, above 0
     * @param quickest highest angular frequency in what pushes, rad/s
     * @throws InvalidValue where it would take more than four million steps
     */
    public void follow(Push push, double duration, double quickest, Watcher watcher) {
        double fastest = Math.max(matrices.quickest, quickest);
        double steps = Math.ceil(duration * fastest / (2 * Math.PI) * STEPS) + 1;
        if (!(steps <= MOST_STEPS)) {
            throw new InvalidValue(
                    "duration",
                    "is " + duration + " s, which at " + fastest / (2 * Math.PI)
                            + " Hz is too long to follow; take a shorter time");
        }
        new March(push, duration / steps).go((long) steps, watcher);
    }

    private static double dot(double[] a, double[] b) {
        double sum = 0;
        for (int i = 0; i < a.length; i++) {
            sum += a[i] * b[i];
        }
        return sum;
    }

    /** One run; its working arrays are its own. */
    private final class March {
        private final Push push;
        private final double h;
        private final int n = matrices.damping.length;
        private final double[] loads = new double[n];

        March(Push push, double h) {
            this.push = push;
            this.h = h;
        }

        void go(long steps, Watcher watcher) {
            double[] q = new double[n];
            double[] v = new double[n];
            State state = new State(this, q, v);
            for (long k = 0; k < steps; k++) {
                step(k * h, q, v);
                state.time = (k + 1) * h;
                watcher.look(state.time, state);
            }
        }

        private void step(double t, double[] q, double[] v) {
            double[] a1 = acceleration(t, q, v);
            double[] v2 = along(v, a1, h / 2);
            double[] a2 = acceleration(t + h / 2, along(q, v, h / 2), v2);
            double[] v3 = along(v, a2, h / 2);
            double[] a3 = acceleration(t + h / 2, along(q, v2, h / 2), v3);
            double[] v4 = along(v, a3, h);
            double[] a4 = acceleration(t + h, along(q, v3, h), v4);
            for (int i = 0; i < n; i++) {
                q[i] += h / 6 * (v[i] + 2 * v2[i] + 2 * v3[i] + v4[i]);
                v[i] += h / 6 * (a1[i] + 2 * a2[i] + 2 * a3[i] + a4[i]);
            }
        }

        private double[] along(double[] from, double[] way, double far) {
            double[] to = new double[n];
            for (int i = 0; i < n; i++) {
                to[i] = from[i] + far * way[i];
            }
            return to;
        }

        private double[] acceleration(double t, double[] q, double[] v) {
            Arrays.fill(loads, 0);
            push.at(t, loads);
            for (int i = 0; i < n; i++) {
                loads[i] -= dot(matrices.damping[i], v);
            }
            for (int l = 0; l < matrices.stretch.length; l++) {
                LinkedBodies.Link link = system.links().get(l);
                for (int axis = 0; axis < 3; axis++) {
                    double[] row = matrices.stretch[l][axis];
                    double force = link.force(LinkedMatrices.along(link.stiffness(), axis), dot(row, q));
                    for (int i = 0; i < n; i++) {
                        loads[i] -= force * row[i];
                    }
                }
            }
            double[] a = new double[n];
            for (int i = 0; i < n; i++) {
                a[i] = dot(matrices.inverseMass[i], loads);
            }
            return a;
        }
    }
}
