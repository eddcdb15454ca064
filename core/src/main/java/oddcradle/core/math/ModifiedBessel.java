package oddcradle.core.math;

/**
 * Modified Bessel functions of order 0 and 1 for real arguments, scaled so that none overflows: I by exp(-x), K by exp(x). By the
 * polynomials 9.8.1 to 9.8.8 of Abramowitz and Stegun, Handbook of Mathematical Functions; good to 1e-6 of themselves.
 */
public final class ModifiedBessel {
    private static final double STEP_I = 3.75;
    private static final double STEP_K = 2;

    private static final double[] I0_NEAR = {1, 3.5156229, 3.0899424, 1.2067492, 0.2659732, 0.0360768, 0.0045813};
    private static final double[] I0_FAR = {
        0.39894228, 0.01328592, 0.00225319, -0.00157565, 0.00916281, -0.02057706, 0.02635537, -0.01647633, 0.00392377
    };
    private static final double[] I1_NEAR = {0.5, 0.87890594, 0.51498869, 0.15084934, 0.02658733, 0.00301532, 0.00032411
    };
    private static final double[] I1_FAR = {
        0.39894228, -0.03988024, -0.00362018, 0.00163801, -0.01031555, 0.02282967, -0.02895312, 0.01787654, -0.00420059
    };
    private static final double[] K0_NEAR = {
        -0.57721566, 0.42278420, 0.23069756, 0.03488590, 0.00262698, 0.00010750, 0.00000740
    };
    private static final double[] K0_FAR = {
        1.25331414, -0.07832358, 0.02189568, -0.01062446, 0.00587872, -0.00251540, 0.00053208
    };
    private static final double[] K1_NEAR = {
        1, 0.15443144, -0.67278579, -0.18156897, -0.01919402, -0.00110404, -0.00004686
    };
    private static final double[] K1_FAR = {
        1.25331414, 0.23498619, -0.03655620, 0.01504268, -0.00780353, 0.00325614, -0.00068245
    };

    private ModifiedBessel() {}

    /** exp(-x) I0(x), x 0 or more. */
    public static double i0(double x) {
        return x < STEP_I ? Math.exp(-x) * sum(I0_NEAR, square(x / STEP_I)) : sum(I0_FAR, STEP_I / x) / Math.sqrt(x);
    }

    /** exp(-x) I1(x), x 0 or more. */
    public static double i1(double x) {
        return x < STEP_I
                ? Math.exp(-x) * x * sum(I1_NEAR, square(x / STEP_I))
                : sum(I1_FAR, STEP_I / x) / Math.sqrt(x);
    }

    /** exp(x) K0(x), x above 0. */
    public static double k0(double x) {
        if (x >= STEP_K) {
            return sum(K0_FAR, STEP_K / x) / Math.sqrt(x);
        }
        return Math.exp(x) * (sum(K0_NEAR, square(x / STEP_K)) - Math.log(x / STEP_K) * Math.exp(x) * i0(x));
    }

    /** exp(x) K1(x), x above 0. */
    public static double k1(double x) {
        if (x >= STEP_K) {
            return sum(K1_FAR, STEP_K / x) / Math.sqrt(x);
        }
        return Math.exp(x) * (sum(K1_NEAR, square(x / STEP_K)) / x + Math.log(x / STEP_K) * Math.exp(x) * i1(x));
    }

    private static double square(double x) {
        return x * x;
    }

    private static double sum(double[] factors, double t) {
        double sum = 0;
        for (int k = factors.length - 1; k >= 0; k--) {
            sum = sum * t + factors[k];
        }
        return sum;
    }
}
