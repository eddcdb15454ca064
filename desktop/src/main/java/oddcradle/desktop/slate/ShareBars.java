package oddcradle.desktop.slate;

import java.util.List;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import oddcradle.core.finding.Severity;
import oddcradle.desktop.look.Palette;

/** Short horizontal bars with a name and a number, and a line where the limit is. */
public final class ShareBars extends Pane {
    private static final double ROW = 23;
    private static final double NAME = 132;
    private static final double NUMBER = 62;

    private final Canvas canvas = new Canvas();
    private final Palette palette;

    /** What it means to pass the limit line. */
    public enum Past {
        /** Room to spare. */
        GOOD,
        /** Overworked: hatched. */
        BAD
    }

    /** @param share of the limit; the limit line stands at 1 */
    public record Bar(String name, String number, double share, Color colour, Past past) {}

    public ShareBars(Palette palette) {
        this.palette = palette;
        getChildren().add(canvas);
    }

    public void show(List<Bar> bars) {
        double width = 328;
        double height = ROW * bars.size() + 2;
        setMinHeight(height);
        setPrefHeight(height);
        canvas.setWidth(width);
        canvas.setHeight(height);
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, width, height);
        if (bars.isEmpty()) {
            return;
        }
        g.setFont(Font.font("Barlow Semi Condensed", 14));
        double most = bars.stream().mapToDouble(Bar::share).max().orElseThrow();
        double room = width - NAME - NUMBER;
        double perShare = room / Math.max(1.1, Math.min(most, 3));
        for (int k = 0; k < bars.size(); k++) {
            Bar bar = bars.get(k);
            double y = k * ROW;
            g.setFill(palette.ink());
            g.setTextAlign(TextAlignment.LEFT);
            g.fillText(bar.name(), 0, y + 16, NAME - 6);
            double length = Math.max(1, Math.min(bar.share(), 3) * perShare);
            g.setFill(bar.colour());
            g.fillRect(NAME, y + 5, length, 13);
            g.setStroke(palette.graphite());
            g.setLineWidth(0.6);
            g.strokeRect(NAME, y + 5, length, 13);
            if (bar.share() > 1 && bar.past() == Past.BAD) {
                hatch(g, NAME + perShare, y + 5, length - perShare);
            }
            g.setFill(palette.ink());
            g.fillText(bar.number(), NAME + room + 6, y + 16, NUMBER);
        }
        g.setStroke(palette.ink());
        g.setLineWidth(1);
        g.setLineDashes(3, 3);
        g.strokeLine(NAME + perShare, 0, NAME + perShare, height);
        g.setLineDashes();
    }

    /** Past the limit, hatched in primer: told apart without colour. */
    private void hatch(GraphicsContext g, double x, double y, double width) {
        g.setFill(palette.sheet());
        g.fillRect(x, y, width, 13);
        g.setStroke(palette.of(Severity.STOP));
        g.setLineWidth(1.4);
        g.strokeRect(x, y, width, 13);
        for (double at = x + 4; at < x + width; at += 5) {
            g.strokeLine(at, y + 13, Math.min(at + 6, x + width), y);
        }
    }
}
