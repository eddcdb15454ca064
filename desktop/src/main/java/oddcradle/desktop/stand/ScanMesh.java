package oddcradle.desktop.stand;

import javafx.scene.image.PixelWriter;
import javafx.scene.image.WritableImage;
import javafx.scene.paint.Color;
import javafx.scene.shape.TriangleMesh;
import oddcradle.core.math.Vec3;
import oddcradle.desktop.look.Temper;
import oddcradle.desktop.task.ScanStudy;

/** A scan for the 3-D view; of a large one every so many triangles, so that the view still turns. */
final class ScanMesh {
    /** Off by so much a place has the darkest tone, m. */
    static final double DARKEST = 0.003;

    private static final int TONES = 24;

    private ScanMesh() {}

    /** @param offs how far each corner that is drawn is off its plan, m; empty for one without tone */
    static TriangleMesh of(oddcradle.core.geometry.mesh.TriangleMesh scan, float[] offs) {
        int step = ScanStudy.step(scan);
        int count = (scan.triangles() + step - 1) / step;
        float[] points = new float[9 * count];
        int[] faces = new int[6 * count];
        for (int k = 0; k < count; k++) {
            for (int c = 0; c < 3; c++) {
                Vec3 corner = scan.corner(k * step, c);
                points[9 * k + 3 * c] = (float) corner.x();
                points[9 * k + 3 * c + 1] = (float) corner.y();
                points[9 * k + 3 * c + 2] = (float) corner.z();
                faces[6 * k + 2 * c] = 3 * k + c;
                faces[6 * k + 2 * c + 1] = offs.length == 0 ? 0 : tone(offs[3 * k + c]);
            }
        }
        TriangleMesh mesh = new TriangleMesh();
        for (int tone = 0; tone <= TONES; tone++) {
            mesh.getTexCoords().addAll((tone + 0.5f) / (TONES + 1), 0.5f);
        }
        mesh.getPoints().addAll(points);
        mesh.getFaces().addAll(faces);
        return mesh;
    }

    /** What is near no tube has a tone of its own, the last. */
    private static int tone(float off) {
        return Float.isNaN(off) ? TONES : (int) Math.min(TONES - 1.0, Math.floor(TONES * Math.abs(off) / DARKEST));
    }

    /** The temper scale, pale where the scan is where it was drawn, and {@code other} for what is no tube. */
    static WritableImage tones(Color other) {
        WritableImage image = new WritableImage(TONES + 1, 1);
        PixelWriter pixels = image.getPixelWriter();
        for (int tone = 0; tone < TONES; tone++) {
            pixels.setColor(tone, 0, Temper.at(tone / (TONES - 1.0)));
        }
        pixels.setColor(TONES, 0, other);
        return image;
    }
}
