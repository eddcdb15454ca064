package oddcradle.core.frame;

import oddcradle.core.frame.input.EndJoint;
import oddcradle.core.math.Vec3;

/**
 * One way in which an end of a member moves beside its node.
 *
 * @param direction among the twelve motions of the member's ends, local axes, unit
 * @param stiffness N/m or N m/rad; 0 where nothing holds
 */
record EndGive(double[] direction, double stiffness) {
    /** Less of what holds is rounding. */
    private static final double NOTHING = 1e-12;

    static EndGive of(EndJoint.Give give, boolean first) {
        double[] direction = new double[12];
        int at = (first ? 0 : 6) + (give.turn() ? 3 : 0);
        Vec3 way = give.direction();
        direction[at] = way.x();
        direction[at + 1] = way.y();
        direction[at + 2] = way.z();
        return new EndGive(direction, give.stiffness());
    }

    boolean isAtFirstEnd() {
        for (int k = 0; k < 6; k++) {
            if (direction[k] != 0) {
                return true;
            }
        }
        return false;
    }

    /**
     * The step from the motions of the nodes to those of the ends: {@code I - d d'K / (d'K d + s)}. A member whose other end is free to spin
     * too has nothing to hold it that way; it then simply does not spin.
     *
     * @param k of the member, 12 by 12 by rows
     */
    double[] condensing(double[] k) {
        double[] pulled = Dense12.times12(k, direction);
        double held = 0;
        double most = 0;
        for (int i = 0; i < 12; i++) {
            held += direction[i] * pulled[i];
            most = Math.max(most, Math.abs(k[13 * i]));
        }
        double[] step = Dense12.identity();
        if (held > NOTHING * most || stiffness > 0) {
            for (int i = 0; i < 12; i++) {
                for (int j = 0; j < 12; j++) {
                    step[12 * i + j] -= direction[i] * pulled[j] / (held + stiffness);
                }
            }
        } else {
            for (int i = 0; i < 12; i++) {
                for (int j = 0; j < 12; j++) {
                    step[12 * i + j] -= direction[i] * direction[j];
                }
            }
        }
        return step;
    }
}
