package oddcradle.desktop.step.line;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.stream.DoubleStream;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import oddcradle.core.finding.Severity;
import oddcradle.core.step.line.RoadChart;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;
import oddcradle.desktop.chart.Axis;
import oddcradle.desktop.chart.Chart;
import oddcradle.desktop.chart.Curve;
import oddcradle.desktop.chart.Diagram;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.store.Desk;

/** Road speed against engine speed, and wheel force against road speed with grip and resistance. */
final class RoadCharts extends VBox {
    private static final double HEIGHT = 220;
    private static final double NEWTONS_PER_POUND = 4.4482216152605;

    private final Desk desk;
    private final Chart speeds;
    private final Chart forces;
    private final Label none = new Label("No wheel is driven; there is no road speed to chart.");

    RoadCharts(Desk desk, Palette palette) {
        super(10);
        this.desk = desk;
        speeds = new Chart("chart-speeds", palette, HEIGHT);
        forces = new Chart("chart-forces", palette, HEIGHT);
        none.setWrapText(true);
        none.managedProperty().bind(none.visibleProperty());
        getChildren().addAll(none, speeds, forces);
    }

    void refresh() {
        Optional<RoadChart> chart = desk.examination().roadChart();
        none.setVisible(chart.isEmpty());
        speeds.setVisible(chart.isPresent());
        forces.setVisible(chart.isPresent());
        chart.ifPresent(each -> {
            speeds.show(speeds(each, desk.units()));
            forces.show(forces(each, desk.units()));
        });
    }

    private static Curve curve(
            String name,
            List<RoadChart.Point> points,
            int pen,
            ToDoubleFunction<RoadChart.Point> x,
            ToDoubleFunction<RoadChart.Point> y) {
        return new Curve(
                name,
                points.stream()
                        .map(point -> new Curve.Point(x.applyAsDouble(point), y.applyAsDouble(point)))
                        .toList(),
                pen,
                false);
    }

    private static DoubleStream all(List<Curve> curves, ToDoubleFunction<Curve.Point> value) {
        return curves.stream().flatMapToDouble(curve -> curve.points().stream().mapToDouble(value));
    }

    private static Diagram speeds(RoadChart chart, UnitStyle style) {
        double rpm = style.inUnits(Quantity.rotationSpeed(1));
        double road = style.inUnits(Quantity.roadSpeed(1));
        List<Curve> curves = new ArrayList<>();
        chart.gears()
                .forEach(gear -> curves.add(curve(
                        gear.name(),
                        gear.points(),
                        curves.size(),
                        point -> point.engineSpeed() * rpm,
                        point -> point.speed() * road)));
        return new Diagram(
                Axis.of("engine, rpm", all(curves, Curve.Point::x)),
                Axis.of("road speed, " + style.unit(Quantity.roadSpeed(0)), all(curves, Curve.Point::y)),
                curves,
                List.of(),
                List.of());
    }

    private static Diagram forces(RoadChart chart, UnitStyle style) {
        double road = style.inUnits(Quantity.roadSpeed(1));
        boolean kilo = style == UnitStyle.MILLIMETRES;
        // Always in one unit, however small.
        double force = kilo ? 1e-3 : 1 / NEWTONS_PER_POUND;
        List<Curve> curves = new ArrayList<>();
        chart.gears()
                .forEach(gear -> curves.add(curve(
                        gear.name(),
                        gear.points(),
                        curves.size(),
                        point -> point.speed() * road,
                        point -> point.force() * force)));
        Axis up = Axis.of("wheel force, " + (kilo ? "kN" : "lbf"), all(curves, Curve.Point::y));
        Axis across = Axis.of("road speed, " + style.unit(Quantity.roadSpeed(0)), all(curves, Curve.Point::x));
        // Where resistance is more than any gear gives, nothing drives there.
        List<RoadChart.Point> held = chart.resistance().stream()
                .filter(point -> point.force() * force <= up.most())
                .toList();
        curves.add(curve("resistance", held, 3, point -> point.speed() * road, point -> point.force() * force));
        double grip = chart.grip() * force;
        return new Diagram(
                across,
                up,
                curves,
                List.of(),
                grip > 0 && grip < up.most() ? List.of(new Diagram.Level(grip, "grip", Severity.STOP)) : List.of());
    }
}
