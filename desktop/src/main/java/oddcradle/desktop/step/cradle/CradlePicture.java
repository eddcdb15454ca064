package oddcradle.desktop.step.cradle;

import java.util.List;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import oddcradle.core.examine.Examination;
import oddcradle.desktop.look.Palette;
import oddcradle.files.drawing.DrawnShape;
import oddcradle.files.drawing.Extent;
import oddcradle.files.drawing.JobDrawing;
import oddcradle.files.drawing.Role;
import oddcradle.files.drawing.View;

/** A cradle and its engine from the left and from above, small; the host round them quiet. */
final class CradlePicture extends Canvas {
    private static final double WIDTH = 164;
    private static final double EACH = 96;

    CradlePicture(Examination examination, Palette palette) {
        super(WIDTH, 2 * EACH);
        GraphicsContext g = getGraphicsContext2D();
        view(g, examination, palette, View.FROM_LEFT, 0);
        view(g, examination, palette, View.FROM_ABOVE, EACH);
    }

    private static void view(GraphicsContext g, Examination examination, Palette palette, View view, double top) {
        List<DrawnShape> shapes = JobDrawing.shapes(examination, view).stream()
                .filter(shape -> shape.role() != Role.KEEP_OUT)
                .toList();
        List<DrawnShape> near = shapes.stream()
                .filter(shape -> shape.role() != Role.HOST_TUBE && shape.role() != Role.DRIVE)
                .toList();
        Extent extent = Extent.of(near);
        double scale = Math.min((WIDTH - 6) / extent.width(), (EACH - 8) / extent.height());
        g.save();
        g.beginPath();
        g.rect(0, top, WIDTH, EACH - 2);
        g.clip();
        g.setFill(palette.floor());
        g.fillRect(0, top, WIDTH, EACH - 2);
        for (boolean cradle : new boolean[] {false, true}) {
            for (DrawnShape shape : shapes) {
                if ((shape.role() == Role.CRADLE_TUBE) == cradle) {
                    draw(g, shape, extent, scale, top, colour(palette, shape.role()), palette);
                }
            }
        }
        g.restore();
    }

    private static void draw(
            GraphicsContext g,
            DrawnShape shape,
            Extent extent,
            double scale,
            double top,
            Color colour,
            Palette palette) {
        int count = shape.outline().size();
        double[] x = new double[count];
        double[] y = new double[count];
        for (int k = 0; k < count; k++) {
            x[k] = WIDTH / 2 + (shape.outline().get(k).x() - extent.middle().x()) * scale;
            y[k] = top
                    + EACH / 2
                    - (shape.outline().get(k).y() - extent.middle().y()) * scale;
        }
        g.setFill(colour);
        g.fillPolygon(x, y, count);
        g.setLineWidth(0.5);
        g.setStroke(palette.graphite());
        g.strokePolygon(x, y, count);
    }

    private static Color colour(Palette palette, Role role) {
        return switch (role) {
            case CRADLE_TUBE -> palette.blue();
            case DONOR -> palette.donor();
            case HOT -> palette.hot();
            default -> palette.quiet();
        };
    }
}
