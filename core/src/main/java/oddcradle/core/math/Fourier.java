package oddcradle.core.math;

import org.hipparchus.complex.Complex;
import org.hipparchus.transform.DftNormalization;
import org.hipparchus.transform.FastFourierTransformer;
import org.hipparchus.transform.TransformType;

/** Discrete Fourier transform, by Hipparchus. */
public final class Fourier {
    private Fourier() {}

    /**
     * Sizes of the transform from 0 up to, without, half the rate.
     *
     * @param values a power of two of them
     */
    public static double[] sizes(double[] values) {
        Complex[] transformed =
                new FastFourierTransformer(DftNormalization.STANDARD).transform(values, TransformType.FORWARD);
        double[] sizes = new double[values.length / 2];
        for (int k = 0; k < sizes.length; k++) {
            sizes[k] = transformed[k].norm();
        }
        return sizes;
    }
}
