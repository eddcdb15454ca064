package oddcradle.desktop.step.shake;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Pane;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import oddcradle.core.finding.Severity;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.math.Vec3;
import oddcradle.core.vibration.Harmonic;
import oddcradle.core.vibration.HarmonicResponse;
import oddcradle.core.vibration.MountedBody;
import oddcradle.core.vibration.RigidBodyModes;
import oddcradle.desktop.look.Palette;

/** Transmissibility of a vertical force at the firing frequency, against crank speed. */
final class RunUpChart extends Pane {
    private static final double WIDTH = 328;
    private static final double HEIGHT = 168;
    private static final double LEFT = 40;
    private static final double BOTTOM = 30;
    private static final double TOP = 20;
    private static final double HIGHEST = 3;
    private static final int POINTS = 120;

    private final Canvas canvas = new Canvas(WIDTH, HEIGHT);
    private final Palette palette;

    RunUpChart(Palette palette) {
        this.palette = palette;
        setMinHeight(HEIGHT);
        setPrefHeight(HEIGHT);
        getChildren().add(canvas);
    }

    void show(MountedBody body, Engine engine) {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, WIDTH, HEIGHT);
        g.setFont(Font.font("Barlow Semi Condensed", 12));
        double most = engine.cruiseSpeed() * 1.15;
        grid(g, most);
        List<Double> frequencies = new ArrayList<>();
        for (int k = 1; k <= POINTS; k++) {
            frequencies.add(engine.firingFrequency(most * k / POINTS));
        }
        List<HarmonicResponse> responses = RigidBodyModes.respond(
                body, new Harmonic(Vec3.Z, Vec3.ZERO, body.body().cg(), frequencies, List.of()));
        g.setStroke(palette.blue());
        g.setLineWidth(2);
        g.beginPath();
        g.moveTo(LEFT, y(1));
        for (int k = 0; k < responses.size(); k++) {
            g.lineTo(x((k + 1.0) / POINTS), y(responses.get(k).total().z()));
        }
        g.stroke();
        marker(g, engine.idleSpeed() / most, "idle");
        marker(g, engine.cruiseSpeed() / most, "cruise");
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
        g.fillText("transmissibility; above 100 % the mounts amplify", LEFT, TOP - 8);
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
