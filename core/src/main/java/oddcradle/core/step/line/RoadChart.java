package oddcradle.core.step.line;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.job.donor.Pack;
import oddcradle.core.job.donor.TorquePoint;
import oddcradle.core.job.host.DrivenEnd;
import oddcradle.core.structure.HostMasses;
import oddcradle.core.structure.LineResult;

/**
 * Road speed against engine speed, and wheel force against road speed, gear by gear.
 *
 * @param gears lowest first; of a variator its lowest ratio and fully shifted
 * @param resistance rolling and air at the speeds of the chart
 * @param grip most wheel force the tyres carry, N
 * @param topSpeed where the highest force that any gear gives meets the resistance, or the limit of the engine, m/s
 */
public record RoadChart(List<Gear> gears, List<Point> resistance, double grip, double topSpeed) {
    private static final int STEPS = 24;
    private static final double AIR = 1.225;
    private static final double STANDARD_GRAVITY = 9.80665;

    /** Speeds in m/s and rad/s, force in N. */
    public record Point(double speed, double engineSpeed, double force) {}

    /** @param ratio crank turns for one turn of the wheel */
    public record Gear(String name, double ratio, List<Point> points) {}

    /** @return empty where no wheel is driven */
    public static Optional<RoadChart> of(Job job, LineResult line) {
        DrivenEnd end = job.host().drivenEnd();
        if (end.tyreRadius() == 0) {
            return Optional.empty();
        }
        Engine engine = Pack.driving(job.donor());
        List<Gear> gears = new ArrayList<>();
        for (int k = 0; k < engine.gearRatios().size(); k++) {
            double low = line.overallRatio(engine, k);
            double high = line.shiftedRatio(engine, k);
            String name = engine.gearRatios().size() == 1 ? "" : "gear " + (k + 1);
            if (Math.abs(low - high) > 1e-12 * low) {
                gears.add(gear((name + " low").strip(), low, job, line));
                gears.add(gear((name + " shifted").strip(), high, job, line));
            } else {
                gears.add(gear(name.isEmpty() ? "one ratio" : name, low, job, line));
            }
        }
        double fastest = gears.stream()
                .flatMap(gear -> gear.points().stream())
                .mapToDouble(Point::speed)
                .max()
                .orElse(0);
        List<Point> resistance = new ArrayList<>();
        for (int k = 0; k <= STEPS; k++) {
            double speed = fastest * k / STEPS;
            resistance.add(new Point(speed, 0, resistance(job, speed)));
        }
        return Optional.of(new RoadChart(gears, resistance, end.grip() * end.axleLoad(), topSpeed(job, gears)));
    }

    private static Gear gear(String name, double ratio, Job job, LineResult line) {
        Engine engine = Pack.driving(job.donor());
        double from = engine.idleSpeed();
        double to = fastest(engine);
        double radius = job.host().drivenEnd().tyreRadius();
        List<Point> points = new ArrayList<>();
        for (int k = 0; k <= STEPS; k++) {
            double speed = from + (to - from) * k / STEPS;
            points.add(new Point(
                    speed / ratio * radius, speed, torque(engine, speed) * ratio * line.efficiency() / radius));
        }
        return new Gear(name, ratio, points);
    }

    /** The limit; where nobody knows it, the last point of the torque curve or cruise. */
    public static double fastest(Engine engine) {
        if (engine.limitSpeed() > 0) {
            return engine.limitSpeed();
        }
        double known = Math.max(engine.cruiseSpeed(), engine.maxTorqueSpeed());
        return engine.curve().isEmpty()
                ? known
                : Math.max(known, engine.curve().get(engine.curve().size() - 1).speed());
    }

    /** Of the curve, straight between its points and level beyond them; the most torque where there is no curve. */
    public static double torque(Engine engine, double speed) {
        List<TorquePoint> curve = engine.curve();
        if (curve.isEmpty()) {
            return engine.maxTorque();
        }
        if (speed <= curve.get(0).speed()) {
            return curve.get(0).torque();
        }
        for (int k = 1; k < curve.size(); k++) {
            TorquePoint left = curve.get(k - 1);
            TorquePoint right = curve.get(k);
            if (speed <= right.speed()) {
                double share = (speed - left.speed()) / (right.speed() - left.speed());
                return left.torque() + share * (right.torque() - left.torque());
            }
        }
        return curve.get(curve.size() - 1).torque();
    }

    /** Mass of the machine with its donor, kg; from the axle load where nobody has weighed it. */
    static double mass(Job job) {
        return HostMasses.of(job)
                .whole()
                .map(weight -> weight.mass() + job.donor().mass().mass())
                .orElse(job.host().drivenEnd().axleLoad() / STANDARD_GRAVITY);
    }

    private static double resistance(Job job, double speed) {
        LineEnd.Road road = job.line()
                .end()
                .filter(LineEnd.Road.class::isInstance)
                .map(LineEnd.Road.class::cast)
                .orElse(new LineEnd.Road(0, 0, Optional.empty()));
        return road.rolling() * mass(job) * STANDARD_GRAVITY + AIR / 2 * road.dragArea() * speed * speed;
    }

    /** The fastest place on any gear's curve where the force still overcomes the resistance. */
    private static double topSpeed(Job job, List<Gear> gears) {
        double top = 0;
        for (Gear gear : gears) {
            for (int k = 0; k < gear.points().size(); k++) {
                Point here = gear.points().get(k);
                double spare = here.force() - resistance(job, here.speed());
                if (spare >= 0) {
                    top = Math.max(top, here.speed());
                } else if (k > 0) {
                    Point before = gear.points().get(k - 1);
                    double had = before.force() - resistance(job, before.speed());
                    if (had > 0) {
                        double share = had / (had - spare);
                        top = Math.max(top, before.speed() + share * (here.speed() - before.speed()));
                    }
                }
            }
        }
        return top;
    }
}
