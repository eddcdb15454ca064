package oddcradle.core.around;

import oddcradle.core.math.Guard;

/**
 * A nut tightened on a shaft that is held by its gear: what the teeth carry, and what a tool with a pin carries in their stead.
 *
 * @param toothForce on the one tooth that holds, N
 * @param toothStress at its root, Pa: Lewis, {@code F / (b m Y)}
 * @param pinStress shear of the pin of a holding tool, Pa
 */
public record NutThroughGears(double toothForce, double toothStress, double pinStress) {
    /** Lewis's form factor of a standing tooth of 20 degrees and some 25 teeth, from memory. */
    private static final double LEWIS = 0.34;

    /**
     * @param torque of the nut, N m
     * @param pitchRadius of the gear, m
     * @param width of its teeth, m
     * @param module of its teeth, m
     * @param pin diameter, m
     * @param pinAt distance of the pin from the shaft's middle, m
     */
    public static NutThroughGears of(
            double torque, double pitchRadius, double width, double module, double pin, double pinAt) {
        Guard.positive("torque", torque, "N m");
        Guard.size("pitchRadius", pitchRadius);
        Guard.size("width", width);
        Guard.size("module", module);
        Guard.size("pin", pin);
        Guard.size("pinAt", pinAt);
        double force = torque / pitchRadius;
        return new NutThroughGears(force, force / (width * module * LEWIS), torque / pinAt / (Math.PI / 4 * pin * pin));
    }
}
