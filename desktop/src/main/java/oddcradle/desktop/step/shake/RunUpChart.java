package oddcradle.desktop.step.shake;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.DoubleStream;
import oddcradle.core.finding.Severity;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.step.shake.ShakeReport;
import oddcradle.core.structure.EngineShaking;
import oddcradle.core.structure.ShakeResult;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;
import oddcradle.core.vibration.Transmissibility;
import oddcradle.desktop.chart.Axis;
import oddcradle.desktop.chart.Curve;
import oddcradle.desktop.chart.Diagram;

/** Transmissibility of the torque about the crank against crank speed, for the orders that turn the frame most. */
final class RunUpChart {
    /** What is less is nothing, percent. */
    private static final double FLOOR = 1;

    private static final double BEYOND_CRUISE = 1.15;
    private static final int POINTS = 200;
    private static final int CURVES = 3;

    private RunUpChart() {}

    /** @param ground what the rubber stands on */
    static Diagram of(ShakeReport.Mounted mounted, Engine engine, ShakeResult result, String ground, UnitStyle units) {
        double rpm = units.inUnits(Quantity.rotationSpeed(1));
        double most = engine.cruiseSpeed() * BEYOND_CRUISE;
        List<Curve> curves = new ArrayList<>();
        for (EngineShaking.Order order : result.cruise().strongest(CURVES)) {
            List<Curve.Point> points = new ArrayList<>();
            for (int k = 1; k <= POINTS; k++) {
                double speed = most * k / POINTS;
                double through = Transmissibility.moment(
                        mounted.shaking(), mounted.engines().crank().axis(), order.order() * speed / (2 * Math.PI));
                points.add(new Curve.Point(speed * rpm, 100 * through));
            }
            curves.add(new Curve("order " + order.words(), points, curves.size(), false));
        }
        return new Diagram(
                Axis.of("crank speed, rpm", DoubleStream.of(most * rpm)),
                Axis.byTens(
                        "share of each order that reaches the " + ground + ", %",
                        curves.stream().flatMapToDouble(curve -> curve.points().stream()
                                .mapToDouble(Curve.Point::y)),
                        FLOOR),
                curves,
                List.of(
                        new Diagram.Upright(engine.idleSpeed() * rpm, "idle"),
                        new Diagram.Upright(engine.cruiseSpeed() * rpm, "cruise")),
                List.of(new Diagram.Level(100, "as if bolted hard", Severity.STOP)));
    }
}
