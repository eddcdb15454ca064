package oddcradle.core.structure;

import java.util.List;
import oddcradle.core.math.Complex;
import oddcradle.core.vibration.HarmonicWrench;

/**
 * What engines do to the donor while their speed changes: every order at its own crank angle, {@code Re W(speed) exp(i order angle)}, read between the speeds
 * of an {@link Excitation}. Slower than the slowest of them it fades with the speed.
 */
public final class EngineInTime {
    private final Excitation excitation;
    /** By speed, order and component: real and imaginary parts one after the other. */
    private final double[][][] parts;

    /** @param excitation with the same orders at every speed */
    public EngineInTime(Excitation excitation) {
        this.excitation = excitation;
        this.parts = new double[excitation.speeds().size()][][];
        for (int s = 0; s < parts.length; s++) {
            parts[s] = excitation.at().get(s).stream()
                    .map(part -> components(part.wrench()))
                    .toArray(double[][]::new);
        }
    }

    private static double[] components(HarmonicWrench wrench) {
        List<Complex> six = List.of(wrench.fx(), wrench.fy(), wrench.fz(), wrench.mx(), wrench.my(), wrench.mz());
        double[] both = new double[2 * six.size()];
        for (int k = 0; k < six.size(); k++) {
            both[2 * k] = six.get(k).re();
            both[2 * k + 1] = six.get(k).im();
        }
        return both;
    }

    /** Highest angular frequency at a speed of the first crank, rad/s. */
    public double quickest(double speed) {
        return excitation.at().get(0).stream()
                .mapToDouble(part -> part.order() * speed)
                .max()
                .orElse(0);
    }

    /**
     * @param speed of the first crank, rad/s, 0 or more
     * @param angle that the first crank has turned by, rad
     * @param loads to be added to, from the first six on: N and N m about the donor's centre of gravity
     */
    public void add(double speed, double angle, double[] loads) {
        List<Double> speeds = excitation.speeds();
        int after = 1;
        while (after < parts.length - 1 && speeds.get(after) < speed) {
            after++;
        }
        double low = speeds.get(after - 1);
        double share = Math.max(0, Math.min(1, (speed - low) / (speeds.get(after) - low)));
        double fade = Math.min(1, speed / speeds.get(0));
        for (int o = 0; o < parts[0].length; o++) {
            double turned = excitation.at().get(0).get(o).order() * angle;
            double cos = fade * Math.cos(turned);
            double sin = fade * Math.sin(turned);
            for (int k = 0; k < 6; k++) {
                double re = between(parts[after - 1][o][2 * k], parts[after][o][2 * k], share);
                double im = between(parts[after - 1][o][2 * k + 1], parts[after][o][2 * k + 1], share);
                loads[k] += re * cos - im * sin;
            }
        }
    }

    private static double between(double a, double b, double share) {
        return a + (b - a) * share;
    }
}
