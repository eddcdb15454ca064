package oddcradle.desktop.step.seat;

import java.util.List;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import oddcradle.core.examine.Examination;
import oddcradle.desktop.look.Palette;
import oddcradle.files.drawing.DrawnShape;
import oddcradle.files.drawing.Extent;
import oddcradle.files.drawing.JobDrawing;
import oddcradle.files.drawing.Role;
import oddcradle.files.drawing.View;

/** The machine from the left, small, with the donor in one seat. */
final class SeatPicture extends Canvas {
    private static final double WIDTH = 164;
    private static final double HEIGHT = 104;

    SeatPicture(Examination examination, Palette palette) {
        super(WIDTH, HEIGHT);
        List<DrawnShape> shapes = JobDrawing.shapes(examination, View.FROM_LEFT).stream()
                .filter(shape -> shape.role() != Role.KEEP_OUT && shape.role() != Role.CRADLE_TUBE)
                .toList();
        Extent extent = Extent.of(shapes);
        double scale = Math.min((WIDTH - 4) / extent.width(), (HEIGHT - 4) / extent.height());
        GraphicsContext g = getGraphicsContext2D();
        g.setFill(palette.floor());
        g.fillRect(0, 0, WIDTH, HEIGHT);
        for (DrawnShape shape : shapes) {
            int count = shape.outline().size();
            double[] x = new double[count];
            double[] y = new double[count];
            for (int k = 0; k < count; k++) {
                x[k] = WIDTH / 2 + (shape.outline().get(k).x() - extent.middle().x()) * scale;
                y[k] = HEIGHT / 2
                        - (shape.outline().get(k).y() - extent.middle().y()) * scale;
            }
            boolean donor = shape.role() == Role.DONOR || shape.role() == Role.HOT;
            g.setFill(donor ? shape.role() == Role.HOT ? palette.hot() : palette.donor() : palette.quiet());
            g.fillPolygon(x, y, count);
            g.setLineWidth(0.5);
            g.setStroke(palette.graphite());
            g.strokePolygon(x, y, count);
        }
    }
}
