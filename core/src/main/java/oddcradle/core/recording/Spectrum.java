package oddcradle.core.recording;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.math.Fourier;

/**
 * Amplitude of what swings at each frequency: blocks half over each other, under a Hann window, their powers averaged; Welch, IEEE Trans. Audio 15 (1967), from
 * memory. All three axes together, as the root of the sum of their squares.
 *
 * @param step between two frequencies, Hz
 * @param amplitudes from 0 Hz on, m/s2; a swing that lies on one of them stands there with its amplitude
 */
public record Spectrum(double step, List<Double> amplitudes) {
    public Spectrum {
        amplitudes = List.copyOf(amplitudes);
    }

    /**
     * Of a stretch of a recording.
     *
     * @param from first sample
     * @param to behind the last
     * @param block a power of two, 64 or more, at most as long as the stretch
     */
    public static Spectrum of(Recording recording, int from, int to, int block) {
        double[] power = new double[block / 2];
        int blocks = 0;
        for (int at = from; at + block <= to; at += block / 2) {
            for (double[] axis : recording.axes()) {
                add(axis, at, block, power);
            }
            blocks++;
        }
        List<Double> amplitudes = new ArrayList<>();
        for (double each : power) {
            amplitudes.add(Math.sqrt(each / Math.max(1, blocks)));
        }
        return new Spectrum(recording.rate() / block, amplitudes);
    }

    /** Of the whole. */
    public static Spectrum of(Recording recording) {
        int block = Integer.highestOneBit(Math.min(recording.samples(), 4096));
        return of(recording, 0, recording.samples(), block);
    }

    private static void add(double[] axis, int from, int block, double[] power) {
        double mean = 0;
        for (int k = 0; k < block; k++) {
            mean += axis[from + k] / block;
        }
        double[] windowed = new double[block];
        for (int k = 0; k < block; k++) {
            windowed[k] = (axis[from + k] - mean) * (1 - Math.cos(2 * Math.PI * k / block)) / 2;
        }
        double[] sizes = Fourier.sizes(windowed);
        for (int k = 0; k < block / 2; k++) {
            // The window halves what swings, the transform halves it again between plus and minus.
            double amplitude = sizes[k] * 4 / block;
            power[k] += amplitude * amplitude;
        }
    }

    /** Amplitude near a frequency, m/s2; the greatest of the two lines beside it. */
    public double near(double hertz) {
        int below = (int) Math.floor(hertz / step);
        if (below < 0 || below >= amplitudes.size()) {
            return 0;
        }
        return Math.max(amplitudes.get(below), amplitudes.get(Math.min(amplitudes.size() - 1, below + 1)));
    }
}
