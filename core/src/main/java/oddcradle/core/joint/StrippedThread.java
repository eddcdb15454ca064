package oddcradle.core.joint;

/**
 * Thread cut in cast light alloy, which strips before a steel bolt does: half of the cylinder round the bolt shears. Common practice; shear strength of a
 * common casting alloy (from memory).
 */
public final class StrippedThread {
    /** Of a common aluminium casting, Pa. */
    private static final double SHEAR_STRENGTH = 120e6;

    private static final double OF_CYLINDER = 0.5;

    private StrippedThread() {}

    /** Pull that strips it, N. @param engaged length of thread that holds, m */
    public static double at(double diameter, double engaged) {
        return OF_CYLINDER * Math.PI * diameter * engaged * SHEAR_STRENGTH;
    }
}
