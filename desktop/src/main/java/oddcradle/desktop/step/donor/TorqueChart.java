package oddcradle.desktop.step.donor;

import java.util.List;
import java.util.stream.DoubleStream;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.job.donor.TorquePoint;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;
import oddcradle.desktop.chart.Axis;
import oddcradle.desktop.chart.Curve;
import oddcradle.desktop.chart.Diagram;

/** Torque of an engine over its speed, as it is written down or being typed. */
final class TorqueChart {
    private TorqueChart() {}

    /** @param curve points of torque over speed, in the order of their speeds; none where only the most torque is known */
    static Diagram of(Engine engine, List<TorquePoint> curve, UnitStyle style) {
        List<TorquePoint> points =
                curve.isEmpty() ? List.of(new TorquePoint(engine.maxTorqueSpeed(), engine.maxTorque())) : curve;
        double rpm = style.inUnits(Quantity.rotationSpeed(1));
        double torque = style.inUnits(Quantity.torque(1));
        double power = points.stream()
                .mapToDouble(point -> point.speed() * point.torque())
                .max()
                .orElseThrow();
        return new Diagram(
                Axis.of(
                        "crank speed, rpm",
                        DoubleStream.concat(
                                DoubleStream.of(engine.limitSpeed() * rpm, engine.cruiseSpeed() * rpm),
                                points.stream().mapToDouble(point -> point.speed() * rpm))),
                Axis.of(
                        "most power " + style.show(new Quantity(power, Kind.POWER)) + " · torque, "
                                + style.unit(Quantity.torque(0)),
                        points.stream().mapToDouble(point -> point.torque() * torque)),
                List.of(new Curve(
                        "",
                        points.stream()
                                .map(point -> new Curve.Point(point.speed() * rpm, point.torque() * torque))
                                .toList(),
                        0,
                        true)),
                List.of(
                        new Diagram.Upright(engine.idleSpeed() * rpm, "idle"),
                        new Diagram.Upright(engine.cruiseSpeed() * rpm, "cruise")),
                List.of());
    }
}
