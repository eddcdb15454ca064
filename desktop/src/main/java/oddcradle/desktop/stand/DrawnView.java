package oddcradle.desktop.stand;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import oddcradle.core.examine.Examination;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.UnitStyle;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.store.ChalkMark;
import oddcradle.files.drawing.DrawnShape;
import oddcradle.files.drawing.Extent;
import oddcradle.files.drawing.FlatPoint;
import oddcradle.files.drawing.JobDrawing;
import oddcradle.files.drawing.Role;
import oddcradle.files.drawing.View;

/** A flat view to scale. Drag slides it, the wheel comes nearer, a click picks a part. */
final class DrawnView extends Pane {
    private static final double MARGIN = 26;

    private final View view;
    private final PartClicks clicks;
    private final Canvas canvas = new Canvas();
    private final ChalkLayer chalk = new ChalkLayer();
    private List<DrawnShape> shapes = List.of();
    private List<ChalkMark> marks = List.of();
    private PartPaint paint;
    private Palette palette;
    private UnitStyle style = UnitStyle.MILLIMETRES;
    private double zoom = 1;
    private Point2D slide = Point2D.ZERO;
    private Hold hold = Hold.NOTHING;
    private boolean holding;
    private Point2D pressed = Point2D.ZERO;
    private Point2D last = Point2D.ZERO;
    private double pixelsPerMetre = 100;
    private Point2D origin = Point2D.ZERO;

    DrawnView(View view, PartClicks clicks) {
        this.view = view;
        this.clicks = clicks;
        getStyleClass().add("drawn-view");
        setMinSize(0, 0);
        Label title = new Label(view.title());
        title.getStyleClass().add("view-title");
        canvas.widthProperty().bind(widthProperty());
        canvas.heightProperty().bind(heightProperty());
        getChildren().addAll(canvas, chalk, title);
        setId("drawn-" + view.name().toLowerCase(Locale.ROOT).replace('_', '-'));
        widthProperty().addListener(change -> draw());
        heightProperty().addListener(change -> draw());
        setOnMousePressed(event -> {
            pressed = new Point2D(event.getX(), event.getY());
            last = pressed;
            holding = hold.takes(at(event), pressed, this::onScreen);
        });
        setOnMouseDragged(this::drag);
        setOnMouseReleased(event -> {
            if (holding && pressed.distance(last) > 0) {
                hold.pulled(Vec3.ZERO, true);
            }
            holding = false;
        });
        setOnMouseClicked(this::click);
        setOnMouseMoved(event -> clicks.pointed(place(event)));
        setOnScroll(wheel -> {
            zoom = Math.max(0.2, Math.min(40, zoom * Math.pow(1.0012, wheel.getDeltaY())));
            draw();
        });
    }

    void show(
            Examination examination,
            PartPaint newPaint,
            Palette newPalette,
            List<ChalkMark> newMarks,
            UnitStyle newStyle) {
        shapes = JobDrawing.shapes(examination, view);
        paint = newPaint;
        palette = newPalette;
        marks = newMarks;
        style = newStyle;
        draw();
    }

    private void draw() {
        double width = getWidth();
        double height = getHeight();
        if (palette == null || width < 10 || height < 10) {
            return;
        }
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.setFill(palette.floor());
        g.fillRect(0, 0, width, height);
        if (shapes.isEmpty()) {
            chalk.show(List.of(), style, this::onScreen, width, height);
            return;
        }
        fit(width, height);
        g.setLineWidth(1);
        for (DrawnShape shape : shapes) {
            Color colour = paint.of(shape.part(), shape.role());
            double[] x = new double[shape.outline().size()];
            double[] y = new double[x.length];
            for (int k = 0; k < x.length; k++) {
                Point2D at = pixels(shape.outline().get(k));
                x[k] = at.getX();
                y[k] = at.getY();
            }
            g.setStroke(shape.role() == Role.KEEP_OUT ? palette.graphite() : colour.interpolate(palette.ink(), 0.45));
            if (shape.role() != Role.KEEP_OUT) {
                g.setFill(colour.interpolate(palette.floor(), 0.25));
                g.fillPolygon(x, y, x.length);
            }
            g.strokePolygon(x, y, x.length);
        }
        chalk.show(marks, style, this::onScreen, width, height);
    }

    private void fit(double width, double height) {
        Extent extent = Extent.of(shapes);
        pixelsPerMetre =
                zoom * Math.min((width - 2 * MARGIN) / extent.width(), (height - 2 * MARGIN) / extent.height());
        origin = new Point2D(
                width / 2 - extent.middle().x() * pixelsPerMetre + slide.getX(),
                height / 2 + extent.middle().y() * pixelsPerMetre + slide.getY());
    }

    private Point2D pixels(FlatPoint point) {
        return new Point2D(origin.getX() + point.x() * pixelsPerMetre, origin.getY() - point.y() * pixelsPerMetre);
    }

    private Point2D onScreen(Vec3 point) {
        return pixels(view.flat(point));
    }

    /** Slides the drawing by pixels and comes nearer, by keys. */
    void move(double right, double down, double nearer) {
        slide = slide.add(right, down);
        zoom = Math.max(0.2, Math.min(40, zoom / nearer));
        draw();
    }

    /** What a drag moves; where it takes nothing the view itself moves. */
    void holdBy(Hold newHold) {
        this.hold = newHold;
    }

    private void drag(MouseEvent event) {
        Point2D now = new Point2D(event.getX(), event.getY());
        Point2D by = now.subtract(last);
        last = now;
        if (holding) {
            hold.pulled(
                    view.right()
                            .times(by.getX() / pixelsPerMetre)
                            .plus(view.up().times(-by.getY() / pixelsPerMetre)),
                    false);
            return;
        }
        slide = slide.add(by);
        draw();
    }

    private void click(MouseEvent event) {
        clicks.click(event, at(event), place(event), pressed.distance(event.getX(), event.getY()));
    }

    private PartClicks.PlaceUnder place(MouseEvent event) {
        return new PartClicks.PlaceUnder() {
            @Override
            public Vec3 beside(Vec3 place) {
                Point2D seen = onScreen(place);
                return place.along(view.right(), (event.getX() - seen.getX()) / pixelsPerMetre)
                        .along(view.up(), (seen.getY() - event.getY()) / pixelsPerMetre);
            }

            @Override
            public Optional<Vec3> onBody() {
                return Optional.empty();
            }
        };
    }

    /** What is drawn last where the mouse is; one sees through keep-outs, so they come after all else. Empty where nothing is. */
    private String at(MouseEvent event) {
        String hit = "";
        String behind = "";
        for (DrawnShape shape : shapes) {
            if (holds(shape, event.getX(), event.getY())) {
                behind = shape.part();
                hit = shape.role() == Role.KEEP_OUT ? hit : shape.part();
            }
        }
        return hit.isEmpty() ? behind : hit;
    }

    /** Convex outline: the point lies on the same side of every edge. */
    private boolean holds(DrawnShape shape, double x, double y) {
        int count = shape.outline().size();
        int left = 0;
        int right = 0;
        for (int k = 0; k < count; k++) {
            Point2D a = pixels(shape.outline().get(k));
            Point2D b = pixels(shape.outline().get((k + 1) % count));
            double side = (b.getX() - a.getX()) * (y - a.getY()) - (b.getY() - a.getY()) * (x - a.getX());
            left += side > 0 ? 1 : 0;
            right += side < 0 ? 1 : 0;
        }
        return left == 0 || right == 0;
    }
}
