package oddcradle.core.structure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.vibration.HarmonicWrench;
import oddcradle.core.vibration.Mode;
import oddcradle.core.vibration.MountedBody;
import oddcradle.core.vibration.RigidBodyModes;

/**
 * What the mounts on a stiff frame do, told one thing at a time: each mode with the orders that cross it, what of each order gets through in each direction, and how
 * far the roll mode turns about another axis than the one that the engine's torque turns a free body about. Harris' Shock and Vibration Handbook, ch. 3 (from memory).
 *
 * @param modes ascending
 * @param shares of the orders that turn the frame most
 * @param torqueAxis unit, about which the engine's torque turns the donor if nothing holds it, host axes
 * @param rollApart angle between that axis and the one of the mode that turns most about the crank, rad; empty where none turns
 */
public record IsolationTable(List<Row> modes, List<Share> shares, Vec3 torqueAxis, Optional<Double> rollApart) {
    private static final List<String> MOTIONS = List.of("fore-aft", "sideways", "up and down", "roll", "pitch", "yaw");
    /** A motion with less of a mode's energy is not named, percent. */
    private static final double NAMED = 10;

    private static final int ORDERS = 3;
    private static final double STEP = 0.5;

    public IsolationTable {
        modes = List.copyOf(modes);
        shares = List.copyOf(shares);
    }

    /**
     * A mode.
     *
     * @param words how it moves, with the share of its energy in each motion
     * @param crossed crank speeds from half idle to the limit at which an order meets it, rad/s
     */
    public record Row(Mode mode, String words, List<Crossing> crossed) {
        public Row {
            crossed = List.copyOf(crossed);
        }
    }

    /** @param speed of the first crank, rad/s */
    public record Crossing(double order, double speed) {}

    /**
     * What gets through to the frame, ratios; more than 1 where the mounts amplify.
     *
     * @param way about the crank, or the direction of a force
     */
    public record Share(double order, String way, double idle, double cruise) {
        /** Isolation in decibels: above 0 where less gets through than comes. */
        public static double decibels(double share) {
            return share == 0 ? Double.POSITIVE_INFINITY : -20 * Math.log10(share);
        }
    }

    /** @param limit fastest crank speed that is looked at, rad/s; empty where the mounts leave a motion free */
    public static Optional<IsolationTable> of(MountedBody shaking, Engines engines, ShakeResult shake, double limit) {
        return RigidBodyModes.solve(shaking).answer().map(solved -> {
            double idle = engines.first().idleSpeed();
            double cruise = engines.first().cruiseSpeed();
            List<Double> orders = shake.cruise().strongest(ORDERS).stream()
                    .map(EngineShaking.Order::order)
                    .sorted()
                    .toList();
            List<Row> rows = solved.modes().stream()
                    .map(mode -> new Row(mode, words(mode), crossed(mode, orders, STEP * idle, limit)))
                    .toList();
            Vec3 crank = engines.crank().axes().column(0);
            List<Share> shares = new ArrayList<>();
            for (double order : orders) {
                double slow = order * idle / (2 * Math.PI);
                double fast = order * cruise / (2 * Math.PI);
                shares.add(new Share(
                        order, "about the crank", turning(shaking, crank, slow), turning(shaking, crank, fast)));
                shares.add(new Share(order, "fore-aft", along(shaking, Vec3.X, slow), along(shaking, Vec3.X, fast)));
                shares.add(new Share(order, "sideways", along(shaking, Vec3.Y, slow), along(shaking, Vec3.Y, fast)));
                shares.add(new Share(order, "up and down", along(shaking, Vec3.Z, slow), along(shaking, Vec3.Z, fast)));
            }
            Vec3 free = inverseTimes(shaking.body().inertia(), crank).unit();
            return new IsolationTable(rows, shares, free, apart(solved.modes(), crank, free));
        });
    }

    private static String words(Mode mode) {
        List<Integer> order = new ArrayList<>(List.of(0, 1, 2, 3, 4, 5));
        order.sort(
                Comparator.comparingDouble(each -> -mode.kineticEnergyPercent().get(each)));
        StringBuilder words = new StringBuilder();
        for (int motion : order) {
            double share = mode.kineticEnergyPercent().get(motion);
            if (share >= NAMED) {
                words.append(words.isEmpty() ? "" : ", ")
                        .append(Math.round(share))
                        .append(" % ")
                        .append(MOTIONS.get(motion));
            }
        }
        return words.toString();
    }

    private static List<Crossing> crossed(Mode mode, List<Double> orders, double from, double to) {
        List<Crossing> crossed = new ArrayList<>();
        for (double order : orders) {
            double speed = 2 * Math.PI * mode.frequencyHz() / order;
            if (speed >= from && speed <= to) {
                crossed.add(new Crossing(order, speed));
            }
        }
        return crossed;
    }

    private static double turning(MountedBody body, Vec3 axis, double hertz) {
        return RigidBodyModes.onFrame(body, HarmonicWrench.inStep(Vec3.ZERO, axis), hertz)
                .momentAbout(axis);
    }

    private static double along(MountedBody body, Vec3 way, double hertz) {
        HarmonicWrench frame = RigidBodyModes.onFrame(body, HarmonicWrench.inStep(way, Vec3.ZERO), hertz);
        return frame.fx()
                .times(way.x())
                .plus(frame.fy().times(way.y()))
                .plus(frame.fz().times(way.z()))
                .modulus();
    }

    private static Vec3 inverseTimes(Mat3 inertia, Vec3 v) {
        Vec3 a = inertia.row1().cross(inertia.row2());
        Vec3 b = inertia.row2().cross(inertia.row0());
        Vec3 c = inertia.row0().cross(inertia.row1());
        // Columns of the inverse are the cross products of the rows over the determinant.
        return a.times(v.x()).plus(b.times(v.y())).plus(c.times(v.z())).times(1 / inertia.determinant());
    }

    /** The mode that turns most about the crank for its energy. */
    private static Optional<Double> apart(List<Mode> modes, Vec3 crank, Vec3 free) {
        return modes.stream()
                .max(Comparator.comparingDouble(mode -> Math.abs(turn(mode).dot(crank))))
                .map(IsolationTable::turn)
                .filter(turn -> turn.length() > 0)
                .map(turn -> {
                    double angle = turn.angleTo(free);
                    return Math.min(angle, Math.PI - angle);
                });
    }

    private static Vec3 turn(Mode mode) {
        return new Vec3(mode.shape().get(3), mode.shape().get(4), mode.shape().get(5));
    }
}
