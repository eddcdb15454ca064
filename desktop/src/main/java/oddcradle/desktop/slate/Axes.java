package oddcradle.desktop.slate;

import java.util.Locale;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;
import oddcradle.desktop.look.Palette;

/**
 * The frame of a chart: where its numbers lie on the canvas, its grid and its words.
 *
 * @param width of the canvas, pixels
 * @param height of the canvas, pixels
 * @param mostX largest number along, in the unit shown
 * @param mostY largest number up
 */
public record Axes(double width, double height, double mostX, double mostY) {
    private static final double LEFT = 44;
    private static final double RIGHT = 6;
    private static final double TOP = 22;
    private static final double BOTTOM = 32;
    private static final int LINES = 5;

    public double x(double value) {
        return LEFT + value / mostX * (width - LEFT - RIGHT);
    }

    public double y(double value) {
        return height - BOTTOM - value / mostY * (height - BOTTOM - TOP);
    }

    /** @param across what is drawn along, with its unit, and {@code up} what upwards */
    public void draw(GraphicsContext g, Palette palette, String across, String up) {
        g.setLineWidth(1);
        g.setStroke(palette.rule());
        g.setFill(palette.graphite());
        double stepX = step(mostX);
        double stepY = step(mostY);
        g.setTextAlign(TextAlignment.RIGHT);
        for (double at = 0; at <= mostY * 1.0001; at += stepY) {
            g.strokeLine(LEFT, y(at), width - RIGHT, y(at));
            g.fillText(number(at), LEFT - 5, y(at) + 4);
        }
        g.setTextAlign(TextAlignment.CENTER);
        for (double at = 0; at <= mostX * 1.0001; at += stepX) {
            g.strokeLine(x(at), y(0), x(at), y(0) + 4);
            g.fillText(number(at), x(at), y(0) + 15);
        }
        g.setTextAlign(TextAlignment.RIGHT);
        g.fillText(across, width - RIGHT, height - 3);
        g.setTextAlign(TextAlignment.LEFT);
        g.fillText(up, 4, 12);
    }

    /** One, two or five times a power of ten, so that there are about five lines. */
    private static double step(double most) {
        double rough = most / LINES;
        double power = Math.pow(10, Math.floor(Math.log10(rough)));
        double lead = rough / power;
        return power * (lead < 1.5 ? 1 : lead < 3.5 ? 2 : lead < 7.5 ? 5 : 10);
    }

    private static String number(double value) {
        return value == Math.rint(value)
                ? String.format(Locale.ROOT, "%.0f", value)
                : String.format(Locale.ROOT, "%.1f", value);
    }
}
