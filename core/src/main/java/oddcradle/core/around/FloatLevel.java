package oddcradle.core.around;

import oddcradle.core.math.Vec3;

/**
 * How much fuel stands over a main jet when the float bowl leans or is shoved: the surface lies square to gravity and acceleration
 * together and pivots about the float.
 *
 * <p>Source: hydrostatics, exact for a still surface; sloshing is left out.
 */
public final class FloatLevel {
    private static final double GRAVITY = 9.80665;

    private FloatLevel() {}

    /**
     * Rise of the surface over the jet against the bowl standing level, m; negative where it falls.
     *
     * @param floatToJet from the middle of the float to the jet, in the machine's axes, m
     * @param down of the machine as it stands: straight down in its own axes
     * @param acceleration of the machine, its own axes, m/s2
     * @return of the surface measured along the machine's upright; a bowl on its side is told as infinite
     */
    public static double over(Vec3 floatToJet, Vec3 down, Vec3 acceleration) {
        Vec3 pull = down.unit().times(GRAVITY).minus(acceleration);
        double upright = -pull.z();
        if (upright <= 0) {
            return Double.NEGATIVE_INFINITY;
        }
        return (pull.x() * floatToJet.x() + pull.y() * floatToJet.y()) / upright;
    }
}
