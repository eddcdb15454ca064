package oddcradle.core.balance;

import oddcradle.core.math.Guard;

/** What is worked out at the bench from two readings; arithmetic. */
public final class ShopReadings {
    private ShopReadings() {}

    /**
     * Where dead centre is, from the crank angles at which a dial on the piston reads the same before and after it, rad: the middle.
     *
     * @param before rad
     * @param after rad, more than {@code before} and less than half a turn later
     */
    public static double deadCentre(double before, double after) {
        Guard.within("after", after - before, 0, Math.PI, "rad");
        return (before + after) / 2;
    }

    /**
     * Shim that brings a shaft to the middle of its float, m: half of the difference, on the side with the larger gap where it is more than 0.
     *
     * @param left gap on the left when all is pushed to the right, m
     * @param right gap on the right when all is pushed to the left, m
     */
    public static double centringShim(double left, double right) {
        Guard.notNegative("left", left, "m");
        Guard.notNegative("right", right, "m");
        return (left - right) / 2;
    }

    /**
     * What a balance shaft leaves when its gears are an angle off: {@code 2 U sin(angle / 2)}, kg m; the difference of two arrows.
     *
     * @param unbalance of the shaft, kg m
     * @param angle rad
     */
    public static double leftByTeeth(double unbalance, double angle) {
        return 2 * Guard.notNegative("unbalance", unbalance, "kg m") * Math.abs(Math.sin(angle / 2));
    }
}
