package oddcradle.core.weigh;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.math.DenseAlgebra;

/** Linear equations with uncertainties, solved by weighted least squares. */
final class Equations {
    private static final double OPEN = 1e-9;

    private final int unknowns;
    private final List<double[]> rows = new ArrayList<>();
    private final List<Double> values = new ArrayList<>();
    private final List<Double> sigmas = new ArrayList<>();

    Equations(int unknowns) {
        this.unknowns = unknowns;
    }

    void add(double[] row, double value, double sigma) {
        rows.add(row);
        values.add(value);
        sigmas.add(sigma);
    }

    private double[][] normal(boolean weighted) {
        double[][] normal = new double[unknowns][unknowns];
        for (int k = 0; k < rows.size(); k++) {
            double weight = weighted ? 1 / (sigmas.get(k) * sigmas.get(k)) : 1;
            for (int i = 0; i < unknowns; i++) {
                for (int j = 0; j < unknowns; j++) {
                    normal[i][j] += weight * rows.get(k)[i] * rows.get(k)[j];
                }
            }
        }
        return normal;
    }

    /** Unit vectors along which nothing is known. */
    List<double[]> open() {
        DenseAlgebra.Eigen eigen = DenseAlgebra.symmetric(normal(false));
        List<double[]> open = new ArrayList<>();
        for (int k = 0; k < unknowns; k++) {
            if (!(eigen.value(k) > OPEN)) {
                open.add(eigen.vector(k));
            }
        }
        return open;
    }

    /** @return empty while a direction is open */
    Optional<double[]> solve() {
        if (!open().isEmpty()) {
            return Optional.empty();
        }
        double[] right = new double[unknowns];
        for (int k = 0; k < rows.size(); k++) {
            for (int i = 0; i < unknowns; i++) {
                right[i] += rows.get(k)[i] * values.get(k) / (sigmas.get(k) * sigmas.get(k));
            }
        }
        return DenseAlgebra.solve(normal(true), right);
    }

    /** Standard uncertainty of each unknown; NaN while a direction is open. */
    double[] sigmas() {
        double[] sigma = new double[unknowns];
        double[][] normal = normal(true);
        for (int k = 0; k < unknowns; k++) {
            double[] unit = new double[unknowns];
            unit[k] = 1;
            int at = k;
            sigma[k] = open().isEmpty()
                    ? Math.sqrt(Math.max(
                            0, DenseAlgebra.solve(normal, unit).map(x -> x[at]).orElse(Double.NaN)))
                    : Double.NaN;
        }
        return sigma;
    }
}
