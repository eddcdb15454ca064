package oddcradle.core.step.fit;

import oddcradle.core.asbuilt.Hole;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;

/**
 * A mount as it was found.
 *
 * @param hole with what fills its gap now, and the bolt where it lies best in its slot
 * @param fitted of it, m
 * @param measured false where nobody has, and it is taken as drawn
 * @param inSlot from the middle of its slot to there, m; zero for a round hole
 * @param covariance of its place, m2; zero where it was not measured
 */
public record MountFound(Isolator mount, Hole hole, double fitted, boolean measured, Vec3 inSlot, Mat3 covariance) {
    public String id() {
        return mount.id();
    }

    /** How far it is too low along its bolt for the body as drawn: what is wanted under the boss beyond what lies there, m; negative where it stands too high. */
    public double lacks() {
        return -hole.off().dot(hole.up());
    }

    /** Across its bolt, m. */
    public Vec3 across() {
        return hole.off().minus(inSlot).withoutPartAlong(hole.up());
    }

    /** Of a direction, one standard deviation, m. */
    public double sigma(Vec3 way) {
        return Math.sqrt(Math.max(0, way.dot(covariance.times(way))));
    }
}
