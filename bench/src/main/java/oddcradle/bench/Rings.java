package oddcradle.bench;

import oddcradle.core.geometry.mesh.TriangleMesh;

/** Rings with a wavy surface, as large as wanted. */
final class Rings {
    private Rings() {}

    /** {@code 2 * around * across} triangles. */
    static TriangleMesh ring(int around, int across, double radius, double thickness, int variant) {
        float[] corners = new float[around * across * 18];
        int next = 0;
        for (int i = 0; i < around; i++) {
            for (int j = 0; j < across; j++) {
                int[][] quad = {{i, j}, {i + 1, j}, {i + 1, j + 1}, {i, j}, {i + 1, j + 1}, {i, j + 1}};
                for (int[] at : quad) {
                    double u = 2 * Math.PI * (at[0] % around) / around;
                    double v = 2 * Math.PI * (at[1] % across) / across;
                    double wave = 0.15 * Math.sin(5 * u + variant) * Math.cos(3 * v)
                            + 0.03 * Math.sin(23 * u) * Math.sin(17 * v + variant);
                    double r = thickness * (1 + wave);
                    corners[next++] = (float) ((radius + r * Math.cos(v)) * Math.cos(u));
                    corners[next++] = (float) ((radius + r * Math.cos(v)) * Math.sin(u));
                    corners[next++] = (float) (r * Math.sin(v));
                }
            }
        }
        return TriangleMesh.of(corners);
    }
}
