package oddcradle.desktop.step.line;

import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import oddcradle.core.finding.Severity;
import oddcradle.core.step.line.RoadChart;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.slate.Axes;
import oddcradle.desktop.store.Desk;

/** Road speed against engine speed, and wheel force against road speed with grip and resistance. */
final class RoadCharts extends VBox {
    private static final double WIDTH = 326;
    private static final double HEIGHT = 210;

    private final Desk desk;
    private final Palette palette;
    private final Canvas speeds = new Canvas(WIDTH, HEIGHT);
    private final Canvas forces = new Canvas(WIDTH, HEIGHT);
    private final Label none = new Label("No wheel is driven; there is no road speed to chart.");

    RoadCharts(Desk desk, Palette palette) {
        super(10);
        this.desk = desk;
        this.palette = palette;
        speeds.setId("chart-speeds");
        forces.setId("chart-forces");
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
            speeds(each, desk.units());
            forces(each, desk.units());
        });
    }

    private static double shown(double si, Kind kind, UnitStyle style) {
        return Double.parseDouble(style.digits(new Quantity(si, kind)));
    }

    private static double most(RoadChart chart, ToDoubleFunction<RoadChart.Point> value) {
        return chart.gears().stream()
                .flatMap(gear -> gear.points().stream())
                .mapToDouble(value)
                .max()
                .orElse(1);
    }

    private static GraphicsContext cleared(Canvas canvas) {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, WIDTH, HEIGHT);
        g.setFont(Font.font("Barlow Semi Condensed", 12));
        return g;
    }

    private void speeds(RoadChart chart, UnitStyle style) {
        GraphicsContext g = cleared(speeds);
        String unit = style.unit(Quantity.roadSpeed(0));
        Axes axes = new Axes(
                WIDTH,
                HEIGHT,
                shown(most(chart, RoadChart.Point::engineSpeed), Kind.ROTATION_SPEED, style),
                shown(most(chart, RoadChart.Point::speed), Kind.ROAD_SPEED, style));
        axes.draw(g, palette, "engine, rpm", "road speed, " + unit);
        g.setLineWidth(2);
        for (RoadChart.Gear gear : chart.gears()) {
            g.setStroke(palette.blue());
            g.setFill(palette.blue());
            RoadChart.Point from = gear.points().get(0);
            RoadChart.Point to = gear.points().get(gear.points().size() - 1);
            double endX = axes.x(shown(to.engineSpeed(), Kind.ROTATION_SPEED, style));
            double endY = axes.y(shown(to.speed(), Kind.ROAD_SPEED, style));
            g.strokeLine(
                    axes.x(shown(from.engineSpeed(), Kind.ROTATION_SPEED, style)),
                    axes.y(shown(from.speed(), Kind.ROAD_SPEED, style)),
                    endX,
                    endY);
            g.setTextAlign(TextAlignment.RIGHT);
            g.fillText(gear.name().replace("gear ", ""), endX - 8, endY - 3);
        }
    }

    private void forces(RoadChart chart, UnitStyle style) {
        GraphicsContext g = cleared(forces);
        double mostForce = most(chart, RoadChart.Point::force);
        boolean kilo = style == UnitStyle.MILLIMETRES;
        Axes axes = new Axes(
                WIDTH,
                HEIGHT,
                shown(most(chart, RoadChart.Point::speed), Kind.ROAD_SPEED, style),
                force(mostForce * 1.05, style));
        axes.draw(
                g,
                palette,
                "road speed, " + style.unit(Quantity.roadSpeed(0)),
                "wheel force, " + (kilo ? "kN" : "lbf") + " · dashed: resistance, red: grip");
        for (RoadChart.Gear gear : chart.gears()) {
            g.setStroke(palette.blue());
            curve(g, axes, gear.points(), style);
        }
        g.setStroke(palette.graphite());
        g.setLineDashes(4, 3);
        curve(g, axes, chart.resistance(), style);
        g.setLineDashes();
        if (chart.grip() > 0 && chart.grip() < mostForce * 1.05) {
            g.setStroke(palette.of(Severity.STOP));
            g.setLineWidth(1.5);
            double at = axes.y(force(chart.grip(), style));
            g.strokeLine(axes.x(0), at, WIDTH - 6, at);
        }
    }

    /** Always in one unit, however small. */
    private static double force(double newtons, UnitStyle style) {
        return style == UnitStyle.MILLIMETRES ? newtons / 1000 : newtons / 4.4482216152605;
    }

    private static void curve(GraphicsContext g, Axes axes, List<RoadChart.Point> points, UnitStyle style) {
        g.setLineWidth(2);
        g.beginPath();
        for (int k = 0; k < points.size(); k++) {
            double x = axes.x(shown(points.get(k).speed(), Kind.ROAD_SPEED, style));
            double y = axes.y(Math.min(axes.mostY(), force(points.get(k).force(), style)));
            if (k == 0) {
                g.moveTo(x, y);
            } else {
                g.lineTo(x, y);
            }
        }
        g.stroke();
    }
}
