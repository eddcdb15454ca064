package oddcradle.core.structure;

import oddcradle.core.frame.MemberResult;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;
import oddcradle.core.strength.Column;

/**
 * How hard one tube works in its worst case.
 *
 * @param pieceId piece of the tube between two joints
 * @param limit what gives way first
 * @param stress there, Pa
 * @param allowed the same kind of stress, Pa
 * @param column of the piece: what of it stands free
 * @param utilisation of what gives way first, a ratio; more than 1 is overworked
 * @param at where it is worst, host axes, m
 */
public record TubeStress(
        Member tube,
        String pieceId,
        LoadCase load,
        MemberResult piece,
        Limit limit,
        double stress,
        double allowed,
        Column column,
        double utilisation,
        Vec3 at) {
    /** What of a tube gives way. */
    public enum Limit {
        /** Its metal, where the stress is greatest. */
        METAL,
        /** Its metal beside a weld, which has softened it. */
        BESIDE_WELD,
        /** It buckles, pressed and bent. */
        COLUMN
    }
}
