package oddcradle.core.around;

import oddcradle.core.math.Guard;

/**
 * How a splined joint bears: pressure {@code p = 2 T / (d z h L 0.75)}, three quarters of the teeth taken to bear. Machine elements
 * handbooks, from memory.
 */
public final class SplineFit {
    private static final double BEAR = 0.75;

    private SplineFit() {}

    /**
     * @param torque N m, 0 or more
     * @param diameter where the teeth bear, m, more than 0
     * @param teeth 1 or more
     * @param height of a tooth that bears, m, more than 0
     * @param length that bears, m, more than 0
     * @return Pa
     */
    public static double pressure(double torque, double diameter, int teeth, double height, double length) {
        Guard.notNegative("torque", torque, "N m");
        Guard.positive("diameter", diameter, "m");
        Guard.within("teeth", teeth, 1, 1000, "teeth");
        Guard.positive("height", height, "m");
        Guard.positive("length", length, "m");
        return 2 * torque / (diameter * teeth * height * length * BEAR);
    }
}
