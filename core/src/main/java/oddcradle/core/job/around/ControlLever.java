package oddcradle.core.job.around;

import io.soabase.recordbuilder.core.RecordBuilder;
import oddcradle.core.linkage.Lever;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;

/**
 * One lever of a control at rest: the hand's, a bell crank, or the engine's.
 *
 * @param on what its pin is fixed to; all points and the axis are in the axes of that
 * @param pivot a point of its pin, m
 * @param axis of its pin
 * @param in where it is worked from, m
 * @param out where it works the next link, m; of no account on the last
 */
@RecordBuilder
public record ControlLever(Holder on, Vec3 pivot, Vec3 axis, Vec3 in, Vec3 out) implements ControlLeverBuilder.With {
    public ControlLever {
        Guard.present("on", on);
        Guard.present("pivot", pivot);
        Guard.present("axis", axis).unit();
        Lever.requireArm("in", pivot, axis, Guard.present("in", in));
        Lever.requireArm("out", pivot, axis, Guard.present("out", out));
    }

    /** Its arm turned to the other side of the pin, inside out, so that what it works goes the other way. */
    public ControlLever turnedOver() {
        Vec3 arm = out.minus(pivot);
        Vec3 along = axis.unit().times(arm.dot(axis.unit()));
        return withOut(pivot.plus(along).minus(arm.minus(along)));
    }

    /** With the arm that works the next link this many times as long. */
    public ControlLever withOutArmTimes(double factor) {
        Vec3 arm = out.minus(pivot);
        Vec3 along = axis.unit().times(arm.dot(axis.unit()));
        return withOut(pivot.plus(along).plus(arm.minus(along).times(factor)));
    }
}
