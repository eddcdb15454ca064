package oddcradle.core.reference;

/** Small dense systems by Gaussian elimination with pivoting: nothing the program itself solves with. */
public final class Elimination {
    private Elimination() {}

    /** @return x of {@code a x = b}; both are left as they were */
    public static double[] solve(double[][] a, double[] b) {
        int n = b.length;
        double[][] m = new double[n][n + 1];
        for (int i = 0; i < n; i++) {
            System.arraycopy(a[i], 0, m[i], 0, n);
            m[i][n] = b[i];
        }
        for (int k = 0; k < n; k++) {
            int pivot = k;
            for (int i = k + 1; i < n; i++) {
                pivot = Math.abs(m[i][k]) > Math.abs(m[pivot][k]) ? i : pivot;
            }
            double[] row = m[pivot];
            m[pivot] = m[k];
            m[k] = row;
            for (int i = 0; i < n; i++) {
                double factor = i == k ? 0 : m[i][k] / m[k][k];
                for (int j = k; j <= n; j++) {
                    m[i][j] -= factor * m[k][j];
                }
            }
        }
        double[] x = new double[n];
        for (int i = 0; i < n; i++) {
            x[i] = m[i][n] / m[i][i];
        }
        return x;
    }
}
