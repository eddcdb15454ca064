package oddcradle.desktop.practice;

import java.util.List;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import oddcradle.core.practice.BenchPicture;
import oddcradle.desktop.look.Palette;

/** A {@link BenchPicture}, as large as there is room. */
final class BenchCanvas extends Region {
    private static final double HEIGHT = 300;
    private static final double MARGIN = 26;
    /** A letter's width, px. */
    private static final double LETTER = 7;

    private final Canvas canvas = new Canvas();
    private final Palette palette;
    private BenchPicture picture = new BenchPicture(List.of());
    private Extent extent = new Extent();

    /** What of the plane is in the picture, m. */
    private static final class Extent {
        private double left = Double.POSITIVE_INFINITY;
        private double right = Double.NEGATIVE_INFINITY;
        private double low = Double.POSITIVE_INFINITY;
        private double high = Double.NEGATIVE_INFINITY;

        private void add(double x, double y) {
            left = Math.min(left, x);
            right = Math.max(right, x);
            low = Math.min(low, y);
            high = Math.max(high, y);
        }

        private void add(BenchPicture.Shape shape) {
            if (shape instanceof BenchPicture.Line line) {
                add(line.x(), line.y());
                add(line.toX(), line.toY());
            } else if (shape instanceof BenchPicture.Box box) {
                add(box.x(), box.y());
                add(box.x() + box.width(), box.y() + box.height());
            } else if (shape instanceof BenchPicture.Ring ring) {
                add(ring.x() - ring.radius(), ring.y() - ring.radius());
                add(ring.x() + ring.radius(), ring.y() + ring.radius());
            } else if (shape instanceof BenchPicture.Words words) {
                add(words.x(), words.y());
            }
        }
    }

    BenchCanvas(Palette palette) {
        this.palette = palette;
        setMinHeight(HEIGHT);
        setPrefHeight(HEIGHT);
        getChildren().add(canvas);
        palette.onChange(this, this::draw);
    }

    void show(BenchPicture shown) {
        picture = shown;
        extent = new Extent();
        picture.shapes().forEach(extent::add);
        draw();
    }

    @Override
    protected void layoutChildren() {
        canvas.setWidth(getWidth());
        canvas.setHeight(getHeight());
        draw();
    }

    private void draw() {
        GraphicsContext pen = canvas.getGraphicsContext2D();
        pen.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        if (canvas.getWidth() > 0 && canvas.getHeight() > 0 && !picture.shapes().isEmpty()) {
            picture.shapes().forEach(shape -> draw(pen, shape));
        }
    }

    /** px for each m. */
    private double scale() {
        return Math.min(
                (canvas.getWidth() - 2 * MARGIN) / (extent.right - extent.left),
                (canvas.getHeight() - 2 * MARGIN) / (extent.high - extent.low));
    }

    private double x(double metres) {
        return canvas.getWidth() / 2 + (metres - (extent.left + extent.right) / 2) * scale();
    }

    private double y(double metres) {
        return canvas.getHeight() / 2 - (metres - (extent.low + extent.high) / 2) * scale();
    }

    private Color colour(BenchPicture.Look look) {
        return switch (look) {
            case FRAME -> palette.tube();
            case ENGINE -> palette.donor();
            case DRIVE -> palette.ink();
            case MEASURE -> palette.blue();
        };
    }

    private void draw(GraphicsContext pen, BenchPicture.Shape shape) {
        double scale = scale();
        pen.setLineWidth(1.8);
        if (shape instanceof BenchPicture.Line line) {
            pen.setStroke(colour(line.look()));
            pen.strokeLine(x(line.x()), y(line.y()), x(line.toX()), y(line.toY()));
        } else if (shape instanceof BenchPicture.Box box) {
            pen.setStroke(colour(box.look()));
            pen.strokeRect(x(box.x()), y(box.y() + box.height()), box.width() * scale, box.height() * scale);
        } else if (shape instanceof BenchPicture.Ring ring) {
            pen.setStroke(colour(ring.look()));
            double across = 2 * ring.radius() * scale;
            pen.strokeOval(x(ring.x() - ring.radius()), y(ring.y() + ring.radius()), across, across);
        } else if (shape instanceof BenchPicture.Words words) {
            pen.setFill(palette.graphite());
            pen.setFont(Font.font("Barlow Semi Condensed SemiBold", 14));
            double width = LETTER * words.words().length();
            pen.fillText(words.words(), Math.max(4, Math.min(x(words.x()), canvas.getWidth() - width)), y(words.y()));
        }
    }
}
