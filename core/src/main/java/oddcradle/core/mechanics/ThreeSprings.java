package oddcradle.core.mechanics;

import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;

/** What any mount that is three springs at right angles must be. */
public final class ThreeSprings {
    private static final double ORTHOGONALITY = 1e-6;

    private ThreeSprings() {}

    /**
     * @param axes rows are the mount's own axes; unit and at right angles within 1e-6
     * @param stiffness along those axes, N/m, each 0 or more
     * @param loss structural loss factor, a ratio, 0 or more
     * @throws InvalidValue naming the field that is wrong
     */
    public static void require(Mat3 axes, Vec3 stiffness, double loss) {
        Guard.present("axes", axes);
        Guard.present("k", stiffness);
        Guard.notNegative("k[0]", stiffness.x(), "N/m");
        Guard.notNegative("k[1]", stiffness.y(), "N/m");
        Guard.notNegative("k[2]", stiffness.z(), "N/m");
        Guard.notNegative("loss", loss, "");
        if (!axes.isOrthogonal(ORTHOGONALITY)) {
            throw new InvalidValue("axes", "rows must be unit vectors at right angles to each other");
        }
    }
}
