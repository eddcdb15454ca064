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
    private static final double WIDTH = 324;
    private static final double HEIGHT = 216;
    private static final double LEFT = 46;
    private static final double RIGHT = 8;
    private static final double BOTTOM = 32;
    private static final double TOP = 38;
    private static final double LOWEST = 0.03;
    private static final double HIGHEST = 30;
    private static final double LEGEND = 88;
    private static final double[] SHARES = {0.1, 0.3, 1, 3, 10};
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

    /** @param ground what the rubber stands on */
    void show(ShakeReport.Mounted mounted, Engine engine, ShakeResult result, String ground) {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, WIDTH, HEIGHT);
        g.setFont(Font.font("Barlow Semi Condensed", 12));
        double most = engine.cruiseSpeed() * 1.15;
        grid(g, most, ground);
        List<EngineShaking.Order> orders = result.cruise().strongest(CURVES);
        for (int k = 0; k < orders.size(); k++) {
            curve(g, orders.get(k), mounted.shaking(), mounted.engines().crank(), most, k);
        }
        marker(g, engine.idleSpeed() / most, "idle", TextAlignment.RIGHT);
        marker(g, engine.cruiseSpeed() / most, "cruise", TextAlignment.LEFT);
    }

    private void curve(
            GraphicsContext g, EngineShaking.Order order, MountedBody body, CrankPlace crank, double most, int number) {
        g.setStroke(number == 0 ? palette.blue() : palette.graphite());
        g.setLineWidth(number == 0 ? 2 : 1.2);
        g.setLineDashes(DASHES[number]);
        g.beginPath();
        for (int k = 1; k <= POINTS; k++) {
            double frequency = order.order() * most * k / POINTS / (2 * Math.PI);
            g.lineTo(x(k / (double) POINTS), y(Transmissibility.moment(body, crank.axis(), frequency)));
        }
        g.stroke();
        double at = LEFT + number * LEGEND;
        g.strokeLine(at, TOP - 10, at + 22, TOP - 10);
        g.setLineDashes();
        g.setFill(number == 0 ? palette.blue() : palette.graphite());
        g.setTextAlign(TextAlignment.LEFT);
        g.fillText("order " + order.words(), at + 27, TOP - 6);
    }

    private void grid(GraphicsContext g, double most, String ground) {
        g.setLineWidth(1);
        g.setFill(palette.graphite());
        g.setTextAlign(TextAlignment.RIGHT);
        for (double share : SHARES) {
            g.setStroke(share == 1 ? palette.of(Severity.STOP) : palette.rule());
            g.strokeLine(LEFT, y(share), WIDTH - RIGHT, y(share));
            g.fillText(Math.round(share * 100) + " %", LEFT - 5, y(share) + 4);
        }
        g.setTextAlign(TextAlignment.CENTER);
        double mostRpm = most * 30 / Math.PI;
        for (int rpm = 1000; rpm < mostRpm; rpm += mostRpm > 4500 ? 1000 : 500) {
            double at = x(rpm / mostRpm);
            g.strokeLine(at, y(LOWEST), at, y(LOWEST) + 4);
            g.fillText(String.format(Locale.ROOT, "%d", rpm), at, y(LOWEST) + 15);
        }
        g.setTextAlign(TextAlignment.RIGHT);
        g.fillText("crank speed, rpm", WIDTH - RIGHT, HEIGHT - 3);
        g.setTextAlign(TextAlignment.LEFT);
        g.fillText("of each order, share that reaches the " + ground, 0, 12);
    }

    private void marker(GraphicsContext g, double share, String word, TextAlignment side) {
        g.setStroke(palette.ink());
        g.setLineDashes(3, 3);
        g.strokeLine(x(share), y(LOWEST), x(share), y(HIGHEST));
        g.setLineDashes();
        g.setFill(palette.ink());
        g.setTextAlign(side);
        g.fillText(word, x(share) + (side == TextAlignment.RIGHT ? -4 : 4), y(LOWEST) - 5);
    }

    private static double x(double share) {
        return LEFT + share * (WIDTH - LEFT - RIGHT);
    }

    /** By tens: a mode that is met and an order that hardly arrives are both to be read. */
    private static double y(double through) {
        double held = Math.max(LOWEST, Math.min(through, HIGHEST));
        double share = Math.log(held / LOWEST) / Math.log(HIGHEST / LOWEST);
        return HEIGHT - BOTTOM - share * (HEIGHT - BOTTOM - TOP);
    }
}
