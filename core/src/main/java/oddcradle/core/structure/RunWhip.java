package oddcradle.core.structure;

import oddcradle.core.geometry.Aabb;
import oddcradle.core.math.Vec3;

/**
 * How far a chain or belt swings out of its run: most in the middle between its wheels, less towards them, not at all where it lies
 * on them, and only in its own plane. A parabola over the free run, as a slack run hangs; common practice.
 *
 * @param from centre of the driving wheel, m
 * @param to centre of the driven one, m
 * @param axis of both, unit
 * @param most in the middle, m
 */
public record RunWhip(Vec3 from, Vec3 to, Vec3 axis, double most) {
    /** @param share of the free run */
    public static RunWhip of(StageResult run, double share) {
        Vec3 from = run.driving().sprocketCentre();
        Vec3 to = run.driven().sprocketCentre();
        return new RunWhip(from, to, run.driving().direction().unit(), share * from.distanceTo(to));
    }

    /**
     * What it draws nearer by to what stands beside it, m: the most it swings anywhere along that.
     *
     * @param beside box of the whole of it
     * @param towards unit, from the run to it
     */
    public double at(Aabb beside, Vec3 towards) {
        Vec3 span = to.minus(from);
        Vec3 half = beside.size().times(0.5);
        double reach = Math.abs(half.x() * span.x()) + Math.abs(half.y() * span.y()) + Math.abs(half.z() * span.z());
        double middle = beside.centre().minus(from).dot(span) / span.squaredLength();
        double low = middle - reach / span.squaredLength();
        double high = middle + reach / span.squaredLength();
        double most = Math.max(low, Math.min(0.5, high));
        return most > 0 && most < 1 ? 4 * most * (1 - most) * anywhere(towards) : 0;
    }

    /** The same for what moves along it, m. */
    public double anywhere(Vec3 towards) {
        return most * towards.withoutPartAlong(axis).length();
    }
}
