package oddcradle.desktop.step.make;

import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Pane;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import oddcradle.core.shop.CopeResult;
import oddcradle.core.step.make.CutTube;
import oddcradle.core.step.make.TubeEnd;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;
import oddcradle.desktop.look.Palette;

/** The unrolled edge of both ends of a tube, small. */
final class WrapPicture extends Pane {
    private static final double WIDTH = 328;
    private static final double EACH = 112;

    private final Canvas canvas = new Canvas(WIDTH, 2 * EACH);
    private final Palette palette;

    WrapPicture(Palette palette) {
        this.palette = palette;
        setMinHeight(2 * EACH);
        setPrefHeight(2 * EACH);
        getChildren().add(canvas);
    }

    void show(CutTube tube, UnitStyle style) {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, WIDTH, 2 * EACH);
        g.setFont(Font.font("Barlow Semi Condensed", 13));
        end(g, tube.first(), 0, style);
        end(g, tube.last(), EACH, style);
    }

    private void end(GraphicsContext g, TubeEnd end, double top, UnitStyle style) {
        g.setFill(palette.graphite());
        g.setTextAlign(TextAlignment.LEFT);
        if (end.cope().isEmpty()) {
            String runsOn = end.extension() > 0
                    ? ", runs on " + style.show(Quantity.length(end.extension())) + " past the joint"
                    : "";
            g.fillText("end at " + end.node() + ": square cut" + runsOn, 0, top + 16);
            return;
        }
        CopeResult cope = end.cope().get();
        g.fillText(
                "end at " + end.node() + ": on " + String.join(", ", end.landsOn()) + " · wrap "
                        + style.show(Quantity.length(cope.perimeter())) + " · deep "
                        + style.show(Quantity.length(cope.depth())),
                0,
                top + 16);
        double perMetre = (WIDTH - 2) / cope.perimeter();
        double deepest = cope.deepest().orElse(0);
        double squeeze = Math.min(perMetre, (EACH - 44) / Math.max(1e-4, cope.depth()));
        double foot = top + EACH - 8;
        g.setStroke(palette.rule());
        g.setLineWidth(1);
        for (int quarter = 0; quarter <= 4; quarter++) {
            double x = 1 + (WIDTH - 2) * quarter / 4;
            g.strokeLine(x, top + 24, x, foot);
            g.setTextAlign(quarter == 4 ? TextAlignment.RIGHT : TextAlignment.LEFT);
            g.fillText(90 * quarter % 360 + "°", quarter == 4 ? x - 3 : x + 3, top + 34);
        }
        g.setStroke(palette.blue());
        g.setLineWidth(1.6);
        g.beginPath();
        int steps = cope.around().size();
        for (int k = 0; k <= steps; k++) {
            double s = cope.fit().get(k % steps).orElse(deepest) - deepest;
            double x = 1 + (k == steps ? cope.perimeter() : cope.around().get(k)) * perMetre;
            double y = foot - s * squeeze;
            if (k == 0) {
                g.moveTo(x, y);
            } else {
                g.lineTo(x, y);
            }
        }
        g.stroke();
    }
}
