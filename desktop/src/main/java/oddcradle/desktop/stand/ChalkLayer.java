package oddcradle.desktop.stand;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.geometry.Point2D;
import javafx.geometry.Rectangle2D;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.Rectangle;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.UnitStyle;
import oddcradle.desktop.store.ChalkMark;

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

    private static final double DOT = 3.2;
    /** Of an arrow's point, pixels and half its angle. */
    private static final double BARB = 9;

    private static final double BARB_ANGLE = Math.toRadians(24);

    private List<ChalkMark> shown = List.of();
    private UnitStyle shownIn = UnitStyle.MILLIMETRES;
    private List<Drawn> drawn = List.of();

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
        if (!marks.equals(shown) || style != shownIn) {
            shown = List.copyOf(marks);
            shownIn = style;
            drawn = shown.stream().map(mark -> new Drawn(mark, style)).toList();
            getChildren().clear();
            drawn.forEach(each -> getChildren().addAll(each.strokes()));
            // Over every line and dot.
            drawn.stream().filter(Drawn::isNamed).forEach(each -> getChildren().add(each.label));
        }
        List<Rectangle2D> taken = new ArrayList<>();
        for (Drawn each : drawn) {
            each.place(projection, taken, width, height);
        }
    }

    /** One mark as nodes, which stay while the view turns. */
    private static final class Drawn {
        private final ChalkMark mark;
        private final boolean isLine;
        private final Line line = new Line();
        private final Circle first = new Circle(DOT);
        private final Circle last = new Circle(DOT);
        private final Line leader = new Line();
        private final Label label = new Label();
        private final Line oneBarb = new Line();
        private final Line otherBarb = new Line();

        private Drawn(ChalkMark mark, UnitStyle style) {
            this.mark = mark;
            this.isLine = !mark.from().equals(mark.to());
            List.of(line, oneBarb, otherBarb)
                    .forEach(each -> each.getStyleClass().addAll("chalk-line", mark.style()));
            if (mark.form() == ChalkMark.Form.STROKE) {
                line.getStyleClass().add("stroke");
            }
            first.getStyleClass().addAll("chalk-dot", mark.style());
            last.getStyleClass().addAll("chalk-dot", mark.style());
            leader.getStyleClass().addAll("chalk-leader", mark.style());
            label.getStyleClass().addAll("chalk", mark.style());
            label.setText(mark.text().in(style));
        }

        private boolean isNamed() {
            return !label.getText().isEmpty();
        }

        private List<Node> strokes() {
            List<Node> strokes = new ArrayList<>();
            switch (mark.form()) {
                case STROKE -> strokes.add(line);
                case ARROW -> strokes.addAll(List.of(line, oneBarb, otherBarb));
                case MEASURE -> strokes.addAll(isLine ? List.of(first, line, last) : List.of(first));
            }
            if (isNamed()) {
                strokes.add(leader);
            }
            return strokes;
        }

        private void place(Function<Vec3, Point2D> projection, List<Rectangle2D> taken, double width, double height) {
            Point2D from = projection.apply(mark.from());
            Point2D to = projection.apply(mark.to());
            Point2D middle = projection.apply(mark.middle());
            boolean seen = from != null && to != null && middle != null && inside(middle, width, height);
            List.of(line, oneBarb, otherBarb, first, last, leader, label).forEach(node -> node.setVisible(seen));
            if (!seen) {
                return;
            }
            put(line, from, to);
            put(first, from);
            put(last, to);
            barb(oneBarb, from, to, BARB_ANGLE);
            barb(otherBarb, from, to, -BARB_ANGLE);
            if (isNamed()) {
                placeLabel(middle, taken, width, height);
            }
        }

        private void placeLabel(Point2D at, List<Rectangle2D> taken, double width, double height) {
            if (label.getWidth() == 0) {
                label.applyCss();
                label.autosize();
            }
            Optional<Rectangle2D> free = freePlace(at, label.getWidth(), label.getHeight(), taken, width, height);
            // In a crowd the words give way; the dot stays.
            label.setVisible(free.isPresent());
            leader.setVisible(free.isPresent());
            if (free.isEmpty()) {
                return;
            }
            Rectangle2D place = free.get();
            taken.add(place);
            label.relocate(place.getMinX(), place.getMinY());
            put(
                    leader,
                    at,
                    new Point2D(
                            Math.max(place.getMinX(), Math.min(at.getX(), place.getMaxX())),
                            Math.max(place.getMinY(), Math.min(at.getY(), place.getMaxY()))));
        }

        private static void put(Line line, Point2D from, Point2D to) {
            line.setStartX(from.getX());
            line.setStartY(from.getY());
            line.setEndX(to.getX());
            line.setEndY(to.getY());
        }

        private static void barb(Line barb, Point2D from, Point2D to, double angle) {
            double back = Math.atan2(from.getY() - to.getY(), from.getX() - to.getX()) + angle;
            put(barb, to, to.add(BARB * Math.cos(back), BARB * Math.sin(back)));
        }

        private static void put(Circle dot, Point2D at) {
            dot.setCenterX(at.getX());
            dot.setCenterY(at.getY());
        }
    }

    private static Optional<Rectangle2D> freePlace(
            Point2D at, double w, double h, List<Rectangle2D> taken, double width, double height) {
        for (double[] step : PLACES) {
            double x = step[0] > 0 ? at.getX() + step[0] : at.getX() + step[0] - w;
            double left = Math.max(4, Math.min(width - w - 4, x));
            double top = Math.max(34, Math.min(height - h - 30, at.getY() + step[1]));
            Rectangle2D place = new Rectangle2D(left, Math.max(0, top), w, h);
            if (taken.stream().noneMatch(other -> other.intersects(place))) {
                return Optional.of(place);
            }
        }
        return Optional.empty();
    }

    private static boolean inside(Point2D point, double width, double height) {
        return point.getX() >= 0 && point.getX() <= width && point.getY() >= 0 && point.getY() <= height;
    }
}
