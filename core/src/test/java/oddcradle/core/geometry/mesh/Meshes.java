package oddcradle.core.geometry.mesh;

/** Bodies of triangles for tests. */
public final class Meshes {
    private Meshes() {}

    /** A ring with a wavy surface, closed, facing outwards: {@code 2 * around * across} triangles. */
    public static TriangleMesh ring(int around, int across, double radius, double thickness, int variant) {
        float[] corners = new float[around * across * 18];
        int next = 0;
        for (int i = 0; i < around; i++) {
            for (int j = 0; j < across; j++) {
                int[][] quad = {{i, j}, {i + 1, j}, {i + 1, j + 1}, {i, j}, {i + 1, j + 1}, {i, j + 1}};
                for (int[] at : quad) {
                    double u = 2 * Math.PI * (at[0] % around) / around;
                    double v = 2 * Math.PI * (at[1] % across) / across;
                    double r = thickness
                            * (1
                                    + 0.15 * Math.sin(5 * u + variant) * Math.cos(3 * v)
                                    + 0.03 * Math.sin(23 * u) * Math.sin(17 * v + variant));
                    corners[next++] = (float) ((radius + r * Math.cos(v)) * Math.cos(u));
                    corners[next++] = (float) ((radius + r * Math.cos(v)) * Math.sin(u));
                    corners[next++] = (float) (r * Math.sin(v));
                }
            }
        }
        return TriangleMesh.of(corners);
    }

    /** A cube with its corner at the origin: 12 triangles facing outwards. */
    public static TriangleMesh cube(double size) {
        int[][] faces = {
            {0, 2, 1}, {1, 2, 3}, {4, 5, 6}, {5, 7, 6}, {0, 1, 4}, {1, 5, 4},
            {2, 6, 3}, {3, 6, 7}, {0, 4, 2}, {2, 4, 6}, {1, 3, 5}, {3, 7, 5}
        };
        float[] corners = new float[9 * faces.length];
        int next = 0;
        for (int[] face : faces) {
            for (int corner : face) {
                corners[next++] = (float) (size * (corner & 1));
                corners[next++] = (float) (size * (corner >> 1 & 1));
                corners[next++] = (float) (size * (corner >> 2 & 1));
            }
        }
        return TriangleMesh.of(corners);
    }
}
