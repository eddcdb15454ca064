package oddcradle.desktop.stand;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Point2D;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;
import oddcradle.desktop.look.Palette;
import oddcradle.files.drawing.DrawnShape;
import oddcradle.files.drawing.Extent;
import oddcradle.files.drawing.FlatPoint;
import oddcradle.files.drawing.JobDrawing;
import oddcradle.files.drawing.Role;
import oddcradle.files.drawing.View;

/** The donors side by side, seen from the left as they would sit, all to one scale, their outputs at one height. */
final class CandidatesView extends Pane {
    private static final double MARGIN = 30;
    private static final double TITLE = 64;
    private static final View SIDE = View.FROM_LEFT;

    private final Canvas canvas = new Canvas();
    private Job job;
    private Palette palette;
    private UnitStyle style = UnitStyle.MILLIMETRES;

    CandidatesView() {
        getStyleClass().add("drawn-view");
        setId("candidates-view");
        setMinSize(0, 0);
        canvas.widthProperty().bind(widthProperty());
        canvas.heightProperty().bind(heightProperty());
        Label title = new Label("donors from the left, to one scale");
        title.getStyleClass().add("view-title");
        getChildren().addAll(canvas, title);
        widthProperty().addListener(change -> draw());
        heightProperty().addListener(change -> draw());
    }

    void show(Job newJob, Palette newPalette, UnitStyle newStyle) {
        job = newJob;
        palette = newPalette;
        style = newStyle;
        draw();
    }

    private void draw() {
        if (job == null || getWidth() < 10 || getHeight() < 10) {
            return;
        }
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.setFill(palette.floor());
        g.fillRect(0, 0, getWidth(), getHeight());
        List<Donor> donors = new ArrayList<>(List.of(job.donor()));
        donors.addAll(job.candidates());
        Pose turn = new Pose(job.seat().pose().rotation(), Vec3.ZERO);
        List<List<DrawnShape>> shapes = donors.stream()
                .map(donor -> JobDrawing.shapes(donor, turn, SIDE))
                .toList();
        List<FlatPoint> outputs = donors.stream()
                .map(donor -> SIDE.flat(turn.place(donor.output().centre())))
                .toList();
        double above = 0;
        double below = 0;
        double widest = 0;
        for (int k = 0; k < donors.size(); k++) {
            Extent extent = Extent.of(shapes.get(k));
            double top =
                    extent.middle().y() + extent.height() / 2 - outputs.get(k).y();
            above = Math.max(above, top);
            below = Math.max(below, extent.height() - top);
            widest = Math.max(widest, extent.width());
        }
        double column = (getWidth() - 2 * MARGIN) / donors.size();
        double scale = Math.min((column - 20) / widest, (getHeight() - 2 * MARGIN - TITLE - 60) / (above + below));
        double free = getHeight() - TITLE - 30 - (above + below) * scale;
        double line = free / 2 + above * scale;
        g.setStroke(palette.rule());
        g.setLineDashes(4, 6);
        g.strokeLine(MARGIN, line, getWidth() - MARGIN, line);
        g.setLineDashes();
        for (int k = 0; k < donors.size(); k++) {
            Extent extent = Extent.of(shapes.get(k));
            double middle = MARGIN + column * (k + 0.5);
            Point2D origin = new Point2D(
                    middle - extent.middle().x() * scale, line + outputs.get(k).y() * scale);
            engine(g, shapes.get(k), origin, scale);
            mark(g, outputs.get(k), origin, scale);
            words(g, donors.get(k), extent, middle, line + below * scale + 34, k == 0);
        }
    }

    private void engine(GraphicsContext g, List<DrawnShape> shapes, Point2D origin, double scale) {
        for (DrawnShape shape : shapes) {
            Color colour = shape.role() == Role.HOT ? palette.hot() : palette.donor();
            int count = shape.outline().size();
            double[] x = new double[count];
            double[] y = new double[count];
            for (int c = 0; c < count; c++) {
                x[c] = origin.getX() + shape.outline().get(c).x() * scale;
                y[c] = origin.getY() - shape.outline().get(c).y() * scale;
            }
            g.setFill(colour.interpolate(palette.floor(), 0.25));
            g.fillPolygon(x, y, count);
            g.setStroke(colour.interpolate(palette.ink(), 0.45));
            g.setLineWidth(1);
            g.strokePolygon(x, y, count);
        }
    }

    private void mark(GraphicsContext g, FlatPoint output, Point2D origin, double scale) {
        double x = origin.getX() + output.x() * scale;
        double y = origin.getY() - output.y() * scale;
        g.setStroke(palette.blue());
        g.setLineWidth(2);
        g.strokeOval(x - 6, y - 6, 12, 12);
        g.strokeLine(x - 10, y, x + 10, y);
        g.strokeLine(x, y - 10, x, y + 10);
    }

    private void words(GraphicsContext g, Donor donor, Extent extent, double middle, double y, boolean seated) {
        g.setTextAlign(TextAlignment.CENTER);
        g.setFill(palette.ink());
        g.setFont(Font.font("Barlow Semi Condensed SemiBold", 16));
        g.fillText(donor.name() + (seated ? " (seated)" : ""), middle, y);
        g.setFont(Font.font("Barlow Semi Condensed", 14));
        g.fillText(
                style.show(Quantity.length(extent.width())) + " long, " + style.show(Quantity.length(extent.height()))
                        + " high",
                middle,
                y + 20);
        g.fillText(
                style.show(Quantity.mass(donor.mass().mass())) + ", "
                        + donor.output().form().words(),
                middle,
                y + 40);
    }
}
