package oddcradle.core.asbuilt;

/** The least of a quadratic bowl within a disc about zero: its bottom, or the place on the rim where it falls straight outwards. */
final class DiscMinimum {
    private static final int STEPS = 60;

    private DiscMinimum() {}

    /**
     * Least of {@code (a x² + 2 b x y + c y²) / 2 + p x + q y} for {@code x² + y² <= radius²}, by definition.
     *
     * @return x and y
     */
    static double[] of(double a, double b, double c, double p, double q, double radius) {
        double determinant = a * c - b * b;
        if (determinant > 1e-12 * a * c) {
            double x = (b * q - c * p) / determinant;
            double y = (b * p - a * q) / determinant;
            if (x * x + y * y <= radius * radius) {
                return new double[] {x, y};
            }
        }
        double push = Math.hypot(p, q);
        if (radius == 0 || push == 0) {
            return new double[] {0, 0};
        }
        // On the rim (H + m) x = -g; the length of x falls with m, so halving finds the rim.
        double low = 0;
        double high = push / radius;
        for (int step = 0; step < STEPS; step++) {
            double m = (low + high) / 2;
            if (length(a + m, b, c + m, p, q) > radius) {
                low = m;
            } else {
                high = m;
            }
        }
        double whole = (a + high) * (c + high) - b * b;
        return new double[] {(b * q - (c + high) * p) / whole, (b * p - (a + high) * q) / whole};
    }

    private static double length(double a, double b, double c, double p, double q) {
        double determinant = a * c - b * b;
        return Math.hypot((b * q - c * p) / determinant, (b * p - a * q) / determinant);
    }
}
