package oddcradle.desktop.step.donor;

import java.util.List;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.job.donor.TorquePoint;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.slate.Axes;

/** Torque of an engine over its speed, as it is written down or being typed. */
final class TorqueChart extends Pane {
    private static final double WIDTH = 310;
    private static final double HEIGHT = 150;
    private static final double DOT = 5;
    private static final double HEADROOM = 1.15;

    private final Canvas canvas = new Canvas(WIDTH, HEIGHT);
    private final Palette palette;

    TorqueChart(Palette palette) {
        this.palette = palette;
        setId("torque-chart");
        setMinHeight(HEIGHT);
        setPrefHeight(HEIGHT);
        getChildren().add(canvas);
    }

    /** @param curve points of torque over speed, in the order of their speeds; none where only the most torque is known */
    void show(Engine engine, List<TorquePoint> curve, UnitStyle style) {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, WIDTH, HEIGHT);
        g.setFont(Font.font("Barlow Semi Condensed", 12));
        List<TorquePoint> points =
                curve.isEmpty() ? List.of(new TorquePoint(engine.maxTorqueSpeed(), engine.maxTorque())) : curve;
        double fastest = Math.max(
                engine.limitSpeed(),
                points.stream().mapToDouble(TorquePoint::speed).max().orElseThrow());
        double most = points.stream().mapToDouble(TorquePoint::torque).max().orElseThrow();
        double rpm = style.inUnits(Quantity.rotationSpeed(1));
        double torque = style.inUnits(Quantity.torque(1));
        Axes axes = new Axes(WIDTH, HEIGHT, fastest * HEADROOM * rpm, Math.max(most, 1e-9) * HEADROOM * torque);
        axes.draw(
                g,
                palette,
                "crank speed, " + style.unit(Quantity.rotationSpeed(fastest)),
                "torque, " + style.unit(Quantity.torque(most)));
        g.setStroke(palette.blue());
        g.setFill(palette.blue());
        g.setLineWidth(2);
        g.beginPath();
        for (TorquePoint point : points) {
            double x = axes.x(point.speed() * rpm);
            double y = axes.y(point.torque() * torque);
            g.lineTo(x, y);
            g.fillOval(x - DOT / 2, y - DOT / 2, DOT, DOT);
        }
        g.stroke();
        speed(g, axes, engine.idleSpeed() * rpm, "idle", palette.graphite());
        speed(g, axes, engine.cruiseSpeed() * rpm, "cruise", palette.graphite());
        double power = points.stream()
                .mapToDouble(point -> point.speed() * point.torque())
                .max()
                .orElseThrow();
        g.setFill(palette.ink());
        g.setTextAlign(TextAlignment.RIGHT);
        g.fillText("most power " + style.show(new Quantity(power, Kind.POWER)), WIDTH - 6, 12);
    }

    private static void speed(GraphicsContext g, Axes axes, double at, String words, Color colour) {
        g.setStroke(colour);
        g.setFill(colour);
        g.setLineWidth(1);
        g.setLineDashes(3, 3);
        g.strokeLine(axes.x(at), axes.y(0), axes.x(at), axes.y(axes.mostY()));
        g.setLineDashes();
        g.setTextAlign(TextAlignment.LEFT);
        g.fillText(words, axes.x(at) + 3, axes.y(0) - 4);
    }
}
