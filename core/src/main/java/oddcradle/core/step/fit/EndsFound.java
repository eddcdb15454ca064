package oddcradle.core.step.fit;

import java.util.List;
import java.util.Optional;
import oddcradle.core.asbuilt.Condition;
import oddcradle.core.job.fit.ShaftReading;
import oddcradle.core.math.Vec3;
import oddcradle.core.structure.StageResult;

/**
 * How an axle or another driven shaft lies to the shaft that drives it, by what is between them at both ends and by a level on each.
 *
 * <p>Plane geometry; how far they are apart is the chain's business and not told here.
 *
 * @param reading it was found by
 * @param angle by which they open to the left, rad
 * @param twist by which the driving shaft's left end is higher than the driven one's, rad
 * @param left along the driving shaft, unit
 * @param towards the driven shaft, across the driving one, unit
 */
public record EndsFound(ShaftReading.BothEnds reading, double angle, double twist, Vec3 left, Vec3 towards) {
    /** Empty for readings of another kind, and for shafts that stand on end or lie in one line. */
    static Optional<EndsFound> of(ShaftReading reading, StageResult stage) {
        Vec3 axis = stage.driving().direction();
        Vec3 level = new Vec3(axis.x(), axis.y(), 0);
        Vec3 between = stage.driven()
                .sprocketCentre()
                .minus(stage.driving().sprocketCentre())
                .withoutPartAlong(axis);
        if (!(reading instanceof ShaftReading.BothEnds ends)
                || level.length() < Math.sin(Math.toRadians(30))
                || between.length() < 1e-6) {
            return Optional.empty();
        }
        boolean foreAndAft = Math.abs(axis.x()) > Math.abs(axis.y());
        boolean isLeft = (foreAndAft ? axis.x() : axis.y()) > 0;
        return Optional.of(new EndsFound(
                ends,
                Math.atan((ends.left() - ends.right()) / ends.apart()),
                ends.donorLevel() - ends.drivenLevel(),
                isLeft ? axis : axis.negated(),
                between.unit()));
    }

    boolean isGood() {
        return Math.abs(angle) <= WheelsFound.ANGLE && Math.abs(twist) <= WheelsFound.ANGLE;
    }

    List<Condition> conditions() {
        Vec3 across = left.cross(towards);
        Vec3 up = Vec3.Z.withoutPartAlong(left).unit();
        return List.of(
                Condition.angle(reading.id(), "shafts open", across.negated(), Math.tan(angle), WheelsFound.ANGLE),
                Condition.angle(reading.id(), "shafts out of level", left.cross(up), twist, WheelsFound.ANGLE));
    }
}
