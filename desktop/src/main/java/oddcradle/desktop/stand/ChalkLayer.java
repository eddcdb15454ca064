package oddcradle.desktop.stand;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import javafx.geometry.Point2D;
import javafx.geometry.Rectangle2D;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.Rectangle;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.UnitStyle;

/** Draws chalk marks over a view; labels step aside for each other and keep a leader to what they name. */
final class ChalkLayer extends Pane {
    private static final double[][] PLACES = {
        {26, -40},
        {-26, -40},
        {34, 18},
        {-34, 18},
        {60, -70},
        {-60, -70},
        {70, 46},
        {-70, 46},
        {20, 78},
        {-20, 78},
        {110, -20},
        {-110, -20},
        {120, 84},
        {-120, 84},
        {90, -110},
        {-90, -110},
        {150, -64},
        {-150, -64}
    };

    ChalkLayer() {
        setMouseTransparent(true);
        // A mark near the edge must not push the view larger.
        setMinSize(0, 0);
        Rectangle inside = new Rectangle();
        inside.widthProperty().bind(widthProperty());
        inside.heightProperty().bind(heightProperty());
        setClip(inside);
    }

    /** @param projection host point to pixels, null where it cannot be seen */
    void show(List<ChalkMark> marks, UnitStyle style, Function<Vec3, Point2D> projection, double width, double height) {
        List<Rectangle2D> taken = new ArrayList<>();
        List<Label> labels = new ArrayList<>();
        getChildren().clear();
        for (ChalkMark mark : marks) {
            Point2D from = projection.apply(mark.from());
            Point2D to = projection.apply(mark.to());
            Point2D middle = projection.apply(mark.middle());
            if (from == null || to == null || middle == null || !inside(middle, width, height)) {
                continue;
            }
            if (!mark.from().equals(mark.to())) {
                Line line = new Line(from.getX(), from.getY(), to.getX(), to.getY());
                line.getStyleClass().addAll("chalk-line", mark.style());
                getChildren().add(line);
                getChildren().add(dot(to, mark.style()));
            }
            getChildren().add(dot(from, mark.style()));
            if (!mark.text().in(style).isEmpty()) {
                labels.add(label(mark, style, middle, taken, width, height));
            }
        }
        // Over every line and dot.
        labels.forEach(Label::toFront);
    }

    private Label label(
            ChalkMark mark, UnitStyle style, Point2D at, List<Rectangle2D> taken, double width, double height) {
        Label label = new Label(mark.text().in(style));
        label.getStyleClass().addAll("chalk", mark.style());
        getChildren().add(label);
        label.applyCss();
        label.autosize();
        Rectangle2D place = freePlace(at, label.getWidth(), label.getHeight(), taken, width, height);
        taken.add(place);
        label.relocate(place.getMinX(), place.getMinY());
        double endX = Math.max(place.getMinX(), Math.min(at.getX(), place.getMaxX()));
        double endY = Math.max(place.getMinY(), Math.min(at.getY(), place.getMaxY()));
        Line leader = new Line(at.getX(), at.getY(), endX, endY);
        leader.getStyleClass().addAll("chalk-leader", mark.style());
        getChildren().add(leader);
        return label;
    }

    private static Rectangle2D freePlace(
            Point2D at, double w, double h, List<Rectangle2D> taken, double width, double height) {
        Rectangle2D first = null;
        for (double[] step : PLACES) {
            double x = step[0] > 0 ? at.getX() + step[0] : at.getX() + step[0] - w;
            double left = Math.max(4, Math.min(width - w - 4, x));
            double top = Math.max(34, Math.min(height - h - 30, at.getY() + step[1]));
            Rectangle2D place = new Rectangle2D(left, Math.max(0, top), w, h);
            if (first == null) {
                first = place;
            }
            if (taken.stream().noneMatch(other -> other.intersects(place))) {
                return place;
            }
        }
        return first;
    }

    private static Circle dot(Point2D at, String style) {
        Circle dot = new Circle(at.getX(), at.getY(), 3.2);
        dot.getStyleClass().addAll("chalk-dot", style);
        return dot;
    }

    private static boolean inside(Point2D point, double width, double height) {
        return point.getX() >= 0 && point.getX() <= width && point.getY() >= 0 && point.getY() <= height;
    }
}
