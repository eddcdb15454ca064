package oddcradle.desktop.stand;

import javafx.scene.shape.TriangleMesh;
import oddcradle.core.math.Vec3;

/** A scan for the 3-D view; of a large one every so many triangles, so that the view still turns. */
final class ScanMesh {
    private static final int MOST = 60_000;

    private ScanMesh() {}

    static TriangleMesh of(oddcradle.core.geometry.mesh.TriangleMesh scan) {
        int step = Math.max(1, (scan.triangles() + MOST - 1) / MOST);
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
            }
        }
        TriangleMesh mesh = new TriangleMesh();
        mesh.getTexCoords().addAll(0, 0);
        mesh.getPoints().addAll(points);
        mesh.getFaces().addAll(faces);
        return mesh;
    }
}
