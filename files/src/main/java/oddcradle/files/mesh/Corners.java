package oddcradle.files.mesh;

import java.util.Arrays;
import oddcradle.core.geometry.mesh.TriangleMesh;

/** Coordinates as they come, in a list that grows. */
final class Corners {
    private static final int MOST = 9 * TriangleMesh.MOST_TRIANGLES;

    private final String file;
    private float[] values;
    private int count;

    Corners(String file, int expected) {
        this.file = file;
        values = new float[Math.max(9, Math.min(expected, MOST))];
    }

    void add(double value) throws UnreadableMesh {
        if (count == MOST) {
            throw new UnreadableMesh(
                    file,
                    "holds more than " + TriangleMesh.MOST_TRIANGLES
                            + " triangles or as many points; thin the mesh out");
        }
        if (count == values.length) {
            values = Arrays.copyOf(values, (int) Math.min(MOST, 2L * values.length));
        }
        values[count++] = (float) value;
    }

    int count() {
        return count;
    }

    float get(int at) {
        return values[at];
    }

    float[] toArray() {
        return count == values.length ? values : Arrays.copyOf(values, count);
    }
}
