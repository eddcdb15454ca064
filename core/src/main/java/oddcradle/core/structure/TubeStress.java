package oddcradle.core.structure;

import oddcradle.core.frame.MemberResult;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;

/**
 * How hard one tube works in its worst case.
 *
 * @param pieceId piece of the tube between two joints
 * @param allowed stress, Pa
 * @param at where it is worst, host axes, m
 */
public record TubeStress(Member tube, String pieceId, LoadCase load, MemberResult piece, double allowed, Vec3 at) {
    /** Stress over allowed; more than 1 is overworked. */
    public double utilisation() {
        return piece.vonMisesMax() / allowed;
    }
}
