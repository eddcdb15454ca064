package oddcradle.core.vibration;

import java.util.List;

/**
 * One natural mode of the undamped body.
 *
 * @param kineticEnergyPercent share of modal kinetic energy in x, y, z, rx, ry, rz of the centre of gravity; they sum to
 *     100, and one may be slightly negative where products of inertia couple rotations
 * @param shape motions x, y, z in m and rx, ry, rz in rad, mass-normalised
 * @param lossFactor of the mode, a ratio
 * @param frequencyHz Hz
 */
public record Mode(double frequencyHz, List<Double> kineticEnergyPercent, List<Double> shape, double lossFactor) {
    public Mode {
        kineticEnergyPercent = List.copyOf(kineticEnergyPercent);
        shape = List.copyOf(shape);
    }

    /** Index 0 to 5 of the motion that holds most of the energy. */
    public int leadingMotion() {
        int leading = 0;
        for (int k = 1; k < 6; k++) {
            if (kineticEnergyPercent.get(k) > kineticEnergyPercent.get(leading)) {
                leading = k;
            }
        }
        return leading;
    }
}
