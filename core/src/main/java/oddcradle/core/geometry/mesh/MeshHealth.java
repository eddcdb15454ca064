package oddcradle.core.geometry.mesh;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import oddcradle.core.math.Vec3;

/**
 * Whether a mesh can be trusted as the surface of a body. Corners within a thousandth of a millimetre are one.
 *
 * @param triangles how many
 * @param openEdges edges with one triangle only: holes of a scan
 * @param crowdedEdges edges with three or more triangles: not the surface of a body
 * @param slivers triangles without area
 * @param volume within the surface, m3; negative if it faces inwards; means little where there are open edges
 * @param size of the box around it, m
 */
public record MeshHealth(int triangles, int openEdges, int crowdedEdges, int slivers, double volume, Vec3 size) {
    private static final double SAME_POINT = 1e-6;
    private static final double LARGEST = 20;
    private static final double SMALLEST = 0.005;

    /** Cost: sorts every edge once, n log n. */
    public static MeshHealth of(TriangleMesh mesh) {
        int count = mesh.triangles();
        int[] point = points(mesh);
        long[] edges = new long[3 * count];
        int slivers = 0;
        for (int t = 0; t < count; t++) {
            int a = point[3 * t];
            int b = point[3 * t + 1];
            int c = point[3 * t + 2];
            edges[3 * t] = edge(a, b);
            edges[3 * t + 1] = edge(b, c);
            edges[3 * t + 2] = edge(c, a);
            slivers += a == b || b == c || c == a ? 1 : 0;
        }
        Arrays.sort(edges);
        int open = 0;
        int crowded = 0;
        for (int from = 0; from < edges.length; ) {
            int to = from;
            while (to < edges.length && edges[to] == edges[from]) {
                to++;
            }
            boolean point1 = edges[from] >>> 32 == (edges[from] & 0xffffffffL);
            if (!point1) {
                open += to - from == 1 ? 1 : 0;
                crowded += to - from > 2 ? 1 : 0;
            }
            from = to;
        }
        return new MeshHealth(
                count, open, crowded, slivers, mesh.signedVolume(), mesh.most().minus(mesh.least()));
    }

    private static long edge(int a, int b) {
        return (long) Math.min(a, b) << 32 | Math.max(a, b);
    }

    /** A number for each corner; corners in one place share it. */
    private static int[] points(TriangleMesh mesh) {
        int corners = 3 * mesh.triangles();
        int size = Integer.highestOneBit(Math.max(16, corners)) << 2;
        int[] table = new int[size];
        int[] numbers = new int[corners];
        Vec3 least = mesh.least();
        long[] cells = new long[3 * corners];
        int next = 0;
        for (int k = 0; k < corners; k++) {
            cells[3 * k] = Math.round((mesh.coordinate(3 * k) - least.x()) / SAME_POINT);
            cells[3 * k + 1] = Math.round((mesh.coordinate(3 * k + 1) - least.y()) / SAME_POINT);
            cells[3 * k + 2] = Math.round((mesh.coordinate(3 * k + 2) - least.z()) / SAME_POINT);
            long mixed = cells[3 * k] * 0x9E3779B97F4A7C15L
                    ^ cells[3 * k + 1] * 0xC2B2AE3D27D4EB4FL
                    ^ cells[3 * k + 2] * 0x165667B19E3779F9L;
            int at = (int) (mixed ^ mixed >>> 29) & size - 1;
            while (table[at] != 0 && !same(cells, table[at] - 1, k)) {
                at = at + 1 & size - 1;
            }
            if (table[at] == 0) {
                table[at] = k + 1;
                numbers[k] = next++;
            } else {
                numbers[k] = numbers[table[at] - 1];
            }
        }
        return numbers;
    }

    private static boolean same(long[] cells, int a, int b) {
        return cells[3 * a] == cells[3 * b]
                && cells[3 * a + 1] == cells[3 * b + 1]
                && cells[3 * a + 2] == cells[3 * b + 2];
    }

    /** What a builder should know before trusting it, in words; empty if nothing. */
    public List<String> complaints() {
        List<String> complaints = new ArrayList<>();
        double longest = Math.max(size.x(), Math.max(size.y(), size.z()));
        if (longest > LARGEST) {
            complaints.add(String.format(
                    Locale.ROOT, "is %.0f m long; no engine or frame is, choose another unit for the file", longest));
        } else if (longest < SMALLEST) {
            complaints.add("is smaller than 5 mm; choose another unit for the file");
        }
        if (openEdges > 0) {
            complaints.add(
                    "has " + openEdges + " open edges: holes where the scanner saw nothing; gaps there are unknown");
        }
        if (crowdedEdges > 0) {
            complaints.add(
                    "has " + crowdedEdges
                            + " edges with three or more triangles: it is not the surface of a body; distances hold, the volume does not");
        }
        if (openEdges == 0 && crowdedEdges == 0 && volume < 0) {
            complaints.add("faces inwards; turn it inside out");
        }
        if (slivers > 0) {
            complaints.add("has " + slivers + " triangles without area; they do no harm");
        }
        return complaints;
    }
}
