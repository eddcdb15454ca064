package oddcradle.desktop.slate;

import java.util.List;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Pane;
import oddcradle.core.engine.EngineLayout;
import oddcradle.core.engine.EngineShape;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.desktop.look.Palette;
import oddcradle.files.drawing.DrawnShape;
import oddcradle.files.drawing.Extent;
import oddcradle.files.drawing.JobDrawing;
import oddcradle.files.drawing.Role;
import oddcradle.files.drawing.View;

/** An engine of a layout in its usual proportions, seen from its front left and a little above. */
final class LayoutPicture extends Pane {
    private static final double WIDTH = 58;
    private static final double HEIGHT = 44;
    private static final double MARGIN = 2;
    private static final Pose TURNED = new Pose(
            Mat3.rotationAbout(Vec3.X, -Math.toRadians(22)).times(Mat3.rotationAbout(Vec3.Z, Math.toRadians(38))),
            Vec3.ZERO);

    private final Palette palette;
    private final Canvas canvas = new Canvas(WIDTH, HEIGHT);
    private final List<DrawnShape> shapes;
    private final Extent extent;

    LayoutPicture(Palette palette, EngineLayout layout) {
        this.palette = palette;
        shapes = JobDrawing.shapes(EngineShape.USUAL.withLayout(layout), TURNED, View.FROM_LEFT);
        extent = Extent.of(shapes);
        setMinSize(WIDTH, HEIGHT);
        setMaxSize(WIDTH, HEIGHT);
        getChildren().add(canvas);
        palette.onChange(this, this::draw);
        draw();
    }

    private void draw() {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, WIDTH, HEIGHT);
        double scale = Math.min((WIDTH - 2 * MARGIN) / extent.width(), (HEIGHT - 2 * MARGIN) / extent.height());
        double middleX = (extent.left() + extent.right()) / 2;
        double middleY = (extent.bottom() + extent.top()) / 2;
        for (DrawnShape shape : shapes) {
            int corners = shape.outline().size();
            double[] x = new double[corners];
            double[] y = new double[corners];
            for (int k = 0; k < corners; k++) {
                x[k] = WIDTH / 2 + scale * (shape.outline().get(k).x() - middleX);
                y[k] = HEIGHT / 2 - scale * (shape.outline().get(k).y() - middleY);
            }
            g.setFill(palette.sheet());
            g.fillPolygon(x, y, corners);
            g.setStroke(shape.role() == Role.HOT ? palette.hot() : palette.graphite());
            g.strokePolygon(x, y, corners);
        }
    }
}
