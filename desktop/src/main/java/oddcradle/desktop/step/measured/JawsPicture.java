package oddcradle.desktop.step.measured;

import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Pane;
import javafx.scene.shape.ArcType;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import oddcradle.core.survey.Reading;
import oddcradle.desktop.look.Palette;

/** Where the instrument goes for one reading: the holes, the datum plane, and the dimension between. */
final class JawsPicture extends Pane {
    private static final double WIDTH = 328;
    private static final double HEIGHT = 74;
    private static final double AXIS = 34;
    private static final double LEFT = 74;
    private static final double RIGHT = 254;
    private static final double HOLE = 13;
    private static final double JAW = 27;

    private final Canvas canvas = new Canvas(WIDTH, HEIGHT);
    private final Palette palette;

    JawsPicture(Palette palette) {
        this.palette = palette;
        getChildren().add(canvas);
        setMinHeight(HEIGHT);
        setPrefHeight(HEIGHT);
    }

    void show(Reading reading) {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, WIDTH, HEIGHT);
        g.setFont(Font.font("Barlow Semi Condensed", 13));
        g.setLineWidth(1.3);
        g.setLineDashes();
        String last = reading.points().get(reading.points().size() - 1);
        if (reading instanceof Reading.Offset offset) {
            plane(g, offset.plane().word());
            hole(g, RIGHT, last);
            dimension(g, LEFT, RIGHT);
        } else if (reading instanceof Reading.HoleEdge edge) {
            plane(g, edge.plane().word());
            hole(g, RIGHT, last);
            dimension(g, LEFT, edge.edge() == Reading.Edge.NEAR ? RIGHT - HOLE : RIGHT + HOLE);
        } else if (reading instanceof Reading.OverBores over) {
            double reach = over.sides() == Reading.Sides.OUTER ? HOLE : -HOLE;
            hole(g, LEFT, reading.points().get(0));
            hole(g, RIGHT, last);
            jaw(g, LEFT - reach);
            jaw(g, RIGHT + reach);
            dimension(g, LEFT - reach, RIGHT + reach);
        } else if (reading instanceof Reading.Slope) {
            slope(g, reading.points().get(0), last);
        } else {
            hole(g, LEFT, reading.points().get(0));
            hole(g, RIGHT, last);
            dimension(g, LEFT, RIGHT);
        }
    }

    private void plane(GraphicsContext g, String word) {
        g.setStroke(palette.ink());
        g.strokeLine(LEFT, 6, LEFT, HEIGHT - 8);
        g.setStroke(palette.graphite());
        for (double y = 10; y < HEIGHT - 8; y += 7) {
            g.strokeLine(LEFT - 7, y + 6, LEFT, y);
        }
        text(g, word + " 0", LEFT - 40, AXIS + 4);
    }

    private void hole(GraphicsContext g, double x, String name) {
        g.setStroke(palette.ink());
        g.strokeOval(x - HOLE, AXIS - HOLE, 2 * HOLE, 2 * HOLE);
        g.setStroke(palette.graphite());
        g.strokeLine(x - HOLE - 4, AXIS, x + HOLE + 4, AXIS);
        g.strokeLine(x, AXIS - HOLE - 4, x, AXIS + HOLE + 4);
        boolean left = x < WIDTH / 2;
        text(g, name, x + (left ? -1 : 1) * (HOLE + 24), AXIS - 10);
    }

    private void jaw(GraphicsContext g, double x) {
        g.setStroke(palette.blue());
        g.setLineWidth(3);
        g.strokeLine(x, AXIS - JAW + 8, x, AXIS + JAW);
        g.setLineWidth(1.3);
    }

    private void dimension(GraphicsContext g, double from, double to) {
        double y = AXIS + JAW + 4;
        g.setStroke(palette.blue());
        g.strokeLine(from, AXIS + 4, from, y + 4);
        g.strokeLine(to, AXIS + 4, to, y + 4);
        g.strokeLine(from, y, to, y);
        for (int side = -1; side <= 1; side += 2) {
            double end = side < 0 ? from : to;
            g.strokeLine(end, y, end - side * 7, y - 3);
            g.strokeLine(end, y, end - side * 7, y + 3);
        }
        g.setFill(palette.sheet());
        g.fillRect((from + to) / 2 - 8, y - 8, 16, 16);
        g.setFill(palette.blue());
        text(g, "?", (from + to) / 2, y + 5);
    }

    private void slope(GraphicsContext g, String from, String to) {
        double low = HEIGHT - 20;
        double high = 16;
        g.setStroke(palette.graphite());
        g.setLineDashes(4, 4);
        g.strokeLine(LEFT, low, RIGHT + 20, low);
        g.setLineDashes();
        g.setStroke(palette.ink());
        g.strokeLine(LEFT, low, RIGHT, high);
        g.setStroke(palette.blue());
        g.strokeArc(LEFT - 90, low - 90, 180, 180, 0, 13, ArcType.OPEN);
        g.setFill(palette.blue());
        text(g, "?", LEFT + 106, low - 8);
        text(g, "level", RIGHT + 40, low + 4);
        text(g, from, LEFT - 20, low + 4);
        text(g, to, RIGHT + 20, high + 4);
    }

    private void text(GraphicsContext g, String words, double x, double y) {
        g.setFill(words.equals("?") ? palette.blue() : palette.ink());
        g.setTextAlign(TextAlignment.CENTER);
        g.fillText(words, x, y);
    }
}
