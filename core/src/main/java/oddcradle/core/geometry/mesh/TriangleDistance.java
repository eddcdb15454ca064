package oddcradle.core.geometry.mesh;

/**
 * Shortest distance between two triangles: the least of nine edge pairs and six corner-face pairs, zero if an edge of one
 * passes through the other. Ericson, Real-Time Collision Detection (2005), ch. 5 (from memory). Works in place on nine
 * coordinates each; one instance for each thread.
 */
final class TriangleDistance {
    /** Closest points of the last call with a new least distance. */
    final double[] pointA = new double[3];

    final double[] pointB = new double[3];

    /** Squared distance of the last segment pair or corner. */
    private double s;

    private double t;

    /**
     * @param a nine coordinates
     * @param b nine coordinates
     * @param below squared distance that is of interest
     * @return the squared distance if it is less than {@code below}, with the points set; otherwise {@code below} or more
     */
    double squared(double[] a, double[] b, double below) {
        double best = below;
        for (int i = 0; i < 3; i++) {
            int i1 = 3 * i;
            int i2 = 3 * ((i + 1) % 3);
            for (int j = 0; j < 3; j++) {
                int j1 = 3 * j;
                int j2 = 3 * ((j + 1) % 3);
                double d = segments(a, i1, i2, b, j1, j2);
                if (d < best) {
                    best = d;
                    for (int k = 0; k < 3; k++) {
                        pointA[k] = a[i1 + k] + s * (a[i2 + k] - a[i1 + k]);
                        pointB[k] = b[j1 + k] + t * (b[j2 + k] - b[j1 + k]);
                    }
                }
            }
        }
        best = corners(a, b, best, pointA, pointB);
        best = corners(b, a, best, pointB, pointA);
        if (best > 0 && (pierces(a, b) || pierces(b, a))) {
            return 0;
        }
        return best;
    }

    /** Corners of {@code a} over the face of {@code b}. */
    private static double corners(double[] a, double[] b, double below, double[] onA, double[] onB) {
        double ux = b[3] - b[0];
        double uy = b[4] - b[1];
        double uz = b[5] - b[2];
        double vx = b[6] - b[0];
        double vy = b[7] - b[1];
        double vz = b[8] - b[2];
        double nx = uy * vz - uz * vy;
        double ny = uz * vx - ux * vz;
        double nz = ux * vy - uy * vx;
        double square = nx * nx + ny * ny + nz * nz;
        if (square == 0) {
            return below;
        }
        double best = below;
        for (int k = 0; k < 9; k += 3) {
            double px = a[k] - b[0];
            double py = a[k + 1] - b[1];
            double pz = a[k + 2] - b[2];
            double height = px * nx + py * ny + pz * nz;
            double distance = height * height / square;
            if (distance >= best) {
                continue;
            }
            // Barycentric coordinates of the foot, times the square.
            double w = (uy * pz - uz * py) * nx + (uz * px - ux * pz) * ny + (ux * py - uy * px) * nz;
            double v = (py * vz - pz * vy) * nx + (pz * vx - px * vz) * ny + (px * vy - py * vx) * nz;
            if (w >= 0 && v >= 0 && w + v <= square) {
                best = distance;
                for (int c = 0; c < 3; c++) {
                    onA[c] = a[k + c];
                }
                double h = height / square;
                onB[0] = a[k] - h * nx;
                onB[1] = a[k + 1] - h * ny;
                onB[2] = a[k + 2] - h * nz;
            }
        }
        return best;
    }

    /** Whether an edge of {@code a} passes through {@code b}; sets both points there. */
    private boolean pierces(double[] a, double[] b) {
        double ux = b[3] - b[0];
        double uy = b[4] - b[1];
        double uz = b[5] - b[2];
        double vx = b[6] - b[0];
        double vy = b[7] - b[1];
        double vz = b[8] - b[2];
        double nx = uy * vz - uz * vy;
        double ny = uz * vx - ux * vz;
        double nz = ux * vy - uy * vx;
        double square = nx * nx + ny * ny + nz * nz;
        double h0 = (a[0] - b[0]) * nx + (a[1] - b[1]) * ny + (a[2] - b[2]) * nz;
        double h1 = (a[3] - b[0]) * nx + (a[4] - b[1]) * ny + (a[5] - b[2]) * nz;
        double h2 = (a[6] - b[0]) * nx + (a[7] - b[1]) * ny + (a[8] - b[2]) * nz;
        if (square == 0 || h0 > 0 && h1 > 0 && h2 > 0 || h0 < 0 && h1 < 0 && h2 < 0) {
            return false;
        }
        return crosses(a, 0, 3, h0, h1, b, nx, ny, nz, square)
                || crosses(a, 3, 6, h1, h2, b, nx, ny, nz, square)
                || crosses(a, 6, 0, h2, h0, b, nx, ny, nz, square);
    }

    private boolean crosses(
            double[] a,
            int from,
            int to,
            double h0,
            double h1,
            double[] b,
            double nx,
            double ny,
            double nz,
            double sq) {
        if (h0 * h1 > 0 || h0 == h1) {
            return false;
        }
        double share = h0 / (h0 - h1);
        double x = a[from] + share * (a[to] - a[from]) - b[0];
        double y = a[from + 1] + share * (a[to + 1] - a[from + 1]) - b[1];
        double z = a[from + 2] + share * (a[to + 2] - a[from + 2]) - b[2];
        double ux = b[3] - b[0];
        double uy = b[4] - b[1];
        double uz = b[5] - b[2];
        double vx = b[6] - b[0];
        double vy = b[7] - b[1];
        double vz = b[8] - b[2];
        double w = (uy * z - uz * y) * nx + (uz * x - ux * z) * ny + (ux * y - uy * x) * nz;
        double v = (y * vz - z * vy) * nx + (z * vx - x * vz) * ny + (x * vy - y * vx) * nz;
        if (w < 0 || v < 0 || w + v > sq) {
            return false;
        }
        pointA[0] = pointB[0] = x + b[0];
        pointA[1] = pointB[1] = y + b[1];
        pointA[2] = pointB[2] = z + b[2];
        return true;
    }

    /** Squared distance of two segments; their closest points at {@code s} and {@code t}. */
    private double segments(double[] a, int a0, int a1, double[] b, int b0, int b1) {
        double ux = a[a1] - a[a0];
        double uy = a[a1 + 1] - a[a0 + 1];
        double uz = a[a1 + 2] - a[a0 + 2];
        double vx = b[b1] - b[b0];
        double vy = b[b1 + 1] - b[b0 + 1];
        double vz = b[b1 + 2] - b[b0 + 2];
        double rx = a[a0] - b[b0];
        double ry = a[a0 + 1] - b[b0 + 1];
        double rz = a[a0 + 2] - b[b0 + 2];
        double uu = ux * ux + uy * uy + uz * uz;
        double vv = vx * vx + vy * vy + vz * vz;
        double uv = ux * vx + uy * vy + uz * vz;
        double ur = ux * rx + uy * ry + uz * rz;
        double vr = vx * rx + vy * ry + vz * rz;
        double denominator = uu * vv - uv * uv;
        s = denominator > 1e-14 * uu * vv ? clamp((uv * vr - ur * vv) / denominator) : 0;
        t = vv > 0 ? (uv * s + vr) / vv : 0;
        if (t < 0 || t > 1) {
            t = clamp(t);
            s = uu > 0 ? clamp((uv * t - ur) / uu) : 0;
        } else if (denominator <= 1e-14 * uu * vv && uu > 0) {
            s = clamp((uv * t - ur) / uu);
        }
        double dx = rx + s * ux - t * vx;
        double dy = ry + s * uy - t * vy;
        double dz = rz + s * uz - t * vz;
        return dx * dx + dy * dy + dz * dz;
    }

    private static double clamp(double value) {
        return value < 0 ? 0 : value > 1 ? 1 : value;
    }
}
