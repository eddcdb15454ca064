package oddcradle.core.job.donor;

import io.soabase.recordbuilder.core.RecordBuilder;
import oddcradle.core.job.body.Sizes;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;

/**
 * Where a shaft turns.
 *
 * @param centre middle of its end face, donor axes, m
 * @param axis out of its end, donor axes
 */
@RecordBuilder
public record ShaftLine(Vec3 centre, Vec3 axis) implements ShaftLineBuilder.With {
    public ShaftLine {
        Sizes.requirePlace("centre", centre);
        Guard.present("axis", axis).unit();
    }

    public ShaftLine placed(Pose pose) {
        return new ShaftLine(pose.place(centre), pose.turn(axis));
    }

    /** Between both lines, whichever way each points, 0 to a right angle, rad. */
    public double angleTo(ShaftLine other) {
        Vec3 one = axis.unit();
        Vec3 two = other.axis.unit();
        return Math.atan2(one.cross(two).length(), Math.abs(one.dot(two)));
    }

    /** How far the middle of its end lies beside another shaft's line, m. */
    public double besides(ShaftLine other) {
        return centre.minus(other.centre).cross(other.axis.unit()).length();
    }
}
