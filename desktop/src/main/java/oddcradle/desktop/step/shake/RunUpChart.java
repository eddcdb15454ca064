package oddcradle.desktop.step.shake;

import java.util.List;
import java.util.Locale;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Pane;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import oddcradle.core.finding.Severity;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.placement.CrankPlace;
import oddcradle.core.step.shake.ShakeReport;
import oddcradle.core.structure.EngineShaking;
import oddcradle.core.structure.ShakeResult;
import oddcradle.core.vibration.MountedBody;
import oddcradle.core.vibration.Transmissibility;
import oddcradle.desktop.look.Palette;

/** Transmissibility of the torque about the crank against crank speed, for the orders that turn the frame most. */
final class RunUpChart extends Pane {
    private static final double WIDTH = 328;
    private static final double HEIGHT = 168;
    private static final double LEFT = 40;
    private static final double BOTTOM = 30;
    private static final double TOP = 20;
    private static final double HIGHEST = 3;
    private static final int POINTS = 160;
    private static final int CURVES = 3;
    private static final double[][] DASHES = {{}, {6, 3}, {2, 3}};

    private final Canvas canvas = new Canvas(WIDTH, HEIGHT);
    private final Palette palette;

    RunUpChart(Palette palette) {
        this.palette = palette;
        setMinHeight(HEIGHT);
        setPrefHeight(HEIGHT);
        getChildren().add(canvas);
    }

    void show(MountedBody body, CrankPlace crank, Engine engine, ShakeResult result) {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, WIDTH, HEIGHT);
        g.setFont(Font.font("Barlow Semi Condensed", 12));
        double most = engine.cruiseSpeed() * 1.15;
        grid(g, most);
        List<EngineShaking.Order> orders = result.cruise().strongest(CURVES);
        for (int k = 0; k < orders.size(); k++) {
            curve(g, orders.get(k), body, crank, most, k);
        }
        marker(g, engine.idleSpeed() / most, "idle");
        marker(g, engine.cruiseSpeed() / most, "cruise");
    }

    private void curve(
            GraphicsContext g, EngineShaking.Order order, MountedBody body, CrankPlace crank, double most, int number) {
        g.setStroke(number == 0 ? palette.blue() : palette.graphite());
        g.setLineWidth(number == 0 ? 2 : 1.2);
        g.setLineDashes(DASHES[number]);
        g.beginPath();
        g.moveTo(LEFT, y(1));
        double top = 0;
        double at = 0;
        for (int k = 1; k <= POINTS; k++) {
            double frequency = order.order() * most * k / POINTS / (2 * Math.PI);
            double through = Transmissibility.moment(body, crank.axis(), frequency);
            g.lineTo(x(k / (double) POINTS), y(through));
            if (through > top) {
                top = through;
                at = k / (double) POINTS;
            }
        }
        g.stroke();
        g.setLineDashes();
        g.setFill(number == 0 ? palette.blue() : palette.graphite());
        g.setTextAlign(TextAlignment.LEFT);
        // A curve that leaves the chart tells how high it goes.
        String peak = top > HIGHEST ? String.format(Locale.ROOT, " to %.0f %%", 100 * top) : "";
        g.fillText(ShakeReport.order(order) + peak, Math.min(x(at) + 4, WIDTH - 60), y(HIGHEST) + 24 + 13 * number);
    }

    private void grid(GraphicsContext g, double most) {
        g.setLineWidth(1);
        g.setFill(palette.graphite());
        g.setTextAlign(TextAlignment.RIGHT);
        for (int step = 0; step <= HIGHEST; step++) {
            g.setStroke(step == 1 ? palette.of(Severity.STOP) : palette.rule());
            g.strokeLine(LEFT, y(step), WIDTH, y(step));
            g.fillText(step * 100 + " %", LEFT - 5, y(step) + 4);
        }
        g.setTextAlign(TextAlignment.CENTER);
        double mostRpm = most * 30 / Math.PI;
        for (int rpm = 1000; rpm < mostRpm; rpm += mostRpm > 4500 ? 1000 : 500) {
            double at = x(rpm / mostRpm);
            g.strokeLine(at, y(0), at, y(0) + 4);
            g.fillText(String.format(Locale.ROOT, "%d", rpm), at, y(0) + 15);
        }
        g.setTextAlign(TextAlignment.RIGHT);
        g.fillText("crank speed, rpm", WIDTH, HEIGHT - 3);
        g.setTextAlign(TextAlignment.LEFT);
        g.fillText("torque transmissibility by order; above 100 % the mounts amplify", LEFT, TOP - 8);
    }

    private void marker(GraphicsContext g, double share, String word) {
        g.setStroke(palette.ink());
        g.setLineDashes(3, 3);
        g.strokeLine(x(share), y(0), x(share), y(HIGHEST));
        g.setLineDashes();
        g.setFill(palette.ink());
        g.setTextAlign(share > 0.8 ? TextAlignment.RIGHT : TextAlignment.LEFT);
        g.fillText(word, x(share) + (share > 0.8 ? -4 : 4), y(HIGHEST) + 12);
    }

    private static double x(double share) {
        return LEFT + share * (WIDTH - LEFT - 4);
    }

    private static double y(double passedOn) {
        return HEIGHT - BOTTOM - Math.min(passedOn, HIGHEST) / HIGHEST * (HEIGHT - BOTTOM - TOP);
    }
}
