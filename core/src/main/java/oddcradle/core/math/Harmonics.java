package oddcradle.core.math;

/** Amplitudes of what repeats, from even samples of one period: {@code Re sum C_k exp(i k theta)}. */
public final class Harmonics {
    private final double[] cosine;
    private final double[] sine;

    /** @param samples of one period, 2 or more */
    public Harmonics(int samples) {
        Guard.within("samples", samples, 2, Integer.MAX_VALUE, "");
        cosine = new double[samples];
        sine = new double[samples];
        for (int n = 0; n < samples; n++) {
            cosine[n] = Math.cos(2 * Math.PI * n / samples);
            sine[n] = Math.sin(2 * Math.PI * n / samples);
        }
    }

    /**
     * @param values of one period, as many as were said
     * @param harmonic periods in it, above 0 and below half the samples
     * @return the amplitude in the unit of the values, with its phase
     */
    public Complex of(double[] values, int harmonic) {
        int samples = cosine.length;
        double re = 0;
        double im = 0;
        int at = 0;
        for (int n = 0; n < samples; n++) {
            re += values[n] * cosine[at];
            im -= values[n] * sine[at];
            at += harmonic;
            if (at >= samples) {
                at -= samples;
            }
        }
        return new Complex(2 * re / samples, 2 * im / samples);
    }
}
