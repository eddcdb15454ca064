package oddcradle.core.geometry.mesh;

/** Eigenvectors of a 3 by 3 symmetric matrix by Jacobi's rotations: small enough to call for every node of a tree. */
final class PrincipalAxes {
    private static final int SWEEPS = 8;

    private PrincipalAxes() {}

    /**
     * @param upper rows; only the upper triangle is read
     * @return three unit vectors at right angles
     */
    static double[][] of(double[][] upper) {
        double[][] a = {
            {upper[0][0], upper[0][1], upper[0][2]},
            {upper[0][1], upper[1][1], upper[1][2]},
            {upper[0][2], upper[1][2], upper[2][2]}
        };
        double[][] v = {{1, 0, 0}, {0, 1, 0}, {0, 0, 1}};
        double size = a[0][0] + a[1][1] + a[2][2];
        for (int sweep = 0; sweep < SWEEPS; sweep++) {
            double off = Math.abs(a[0][1]) + Math.abs(a[0][2]) + Math.abs(a[1][2]);
            if (off <= 1e-12 * size) {
                break;
            }
            turn(a, v, 0, 1);
            turn(a, v, 0, 2);
            turn(a, v, 1, 2);
        }
        return v;
    }

    private static void turn(double[][] a, double[][] v, int p, int q) {
        if (a[p][q] == 0) {
            return;
        }
        double theta = (a[q][q] - a[p][p]) / (2 * a[p][q]);
        double t = Math.copySign(1, theta) / (Math.abs(theta) + Math.sqrt(theta * theta + 1));
        double c = 1 / Math.sqrt(t * t + 1);
        double s = t * c;
        for (int k = 0; k < 3; k++) {
            double akp = a[k][p];
            double akq = a[k][q];
            a[k][p] = c * akp - s * akq;
            a[k][q] = s * akp + c * akq;
        }
        for (int k = 0; k < 3; k++) {
            double apk = a[p][k];
            double aqk = a[q][k];
            a[p][k] = c * apk - s * aqk;
            a[q][k] = s * apk + c * aqk;
            double vp = v[p][k];
            double vq = v[q][k];
            v[p][k] = c * vp - s * vq;
            v[q][k] = s * vp + c * vq;
        }
    }
}
