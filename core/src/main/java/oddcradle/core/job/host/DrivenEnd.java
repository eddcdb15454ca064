package oddcradle.core.job.host;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import oddcradle.core.job.body.Sizes;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Measured;

/**
 * What the donor drives.
 *
 * @param point of the axle, host axes, m
 * @param axis of the axle, host axes
 * @param sprocketOffset of the sprocket's middle plane from the point along the axis, m
 * @param teeth of the sprocket it came with; 0 where there is none
 * @param bearings ids of the two host nodes that carry the axle; empty where they are not known yet
 * @param tyreRadius rolling radius, m; 0 where there is no wheel
 * @param axleLoad weight on the driven axle, ready to drive, N; 0 where there is no wheel
 * @param grip most wheel force per axle load, 0 to 2
 * @param pitch of the sprocket it came with, m; 0 where unknown or left out
 */
@RecordBuilder
public record DrivenEnd(
        Vec3 point,
        Vec3 axis,
        double sprocketOffset,
        int teeth,
        List<String> bearings,
        double tyreRadius,
        double axleLoad,
        double grip,
        Double pitch)
        implements Measured<DrivenEnd>, DrivenEndBuilder.With {
    private static final double MOST_GRIP = 2;
    private static final double FARTHEST = 10;
    private static final double MOST_LOAD = 1e6;

    public DrivenEnd {
        Sizes.requirePlace("point", point);
        Guard.present("axis", axis).unit();
        Guard.within("sprocketOffset", sprocketOffset, -FARTHEST, FARTHEST, "m");
        bearings = List.copyOf(Guard.present("bearings", bearings));
        if (!bearings.isEmpty() && bearings.size() != 2) {
            throw new InvalidValue(
                    "bearings", "names " + bearings.size() + " nodes, must name the two that carry the axle");
        }
        Guard.within("tyreRadius", tyreRadius, 0, FARTHEST, "m");
        Guard.within("axleLoad", axleLoad, 0, MOST_LOAD, "N");
        Guard.within("grip", grip, 0, MOST_GRIP, "");
        pitch = pitch == null ? 0 : Guard.notNegative("pitch", pitch, "m");
    }

    /** Middle of the sprocket, host axes, m. */
    public Vec3 sprocketCentre() {
        return point.along(axis.unit(), sprocketOffset);
    }

    /** The same packed along its axle. */
    public DrivenEnd shifted(double by) {
        return new DrivenEnd(point, axis, sprocketOffset + by, teeth, bearings, tyreRadius, axleLoad, grip, pitch);
    }

    /** Carried by other nodes of the host. */
    public DrivenEnd withBearings(List<String> others) {
        return new DrivenEnd(point, axis, sprocketOffset, teeth, others, tyreRadius, axleLoad, grip, pitch);
    }

    /** Pointing another way. */
    public DrivenEnd withAxis(Vec3 other) {
        return new DrivenEnd(point, other, sprocketOffset, teeth, bearings, tyreRadius, axleLoad, grip, pitch);
    }

    @Override
    public List<Measure> measures() {
        return List.of(
                Measure.of("forward", Kind.LENGTH, point.x()),
                Measure.of("left", Kind.LENGTH, point.y()),
                Measure.of("up", Kind.LENGTH, point.z()),
                Measure.of("its wheel at", Kind.LENGTH, sprocketOffset),
                Measure.of("tyre radius", Kind.LENGTH, tyreRadius),
                Measure.of("axle load", Kind.FORCE, axleLoad),
                Measure.of("grip", Kind.SHARE, grip),
                Measure.of("came with teeth", Kind.COUNT, teeth),
                Measure.of("came with pitch", Kind.LENGTH, pitch));
    }

    @Override
    public DrivenEnd with(List<Double> v) {
        return new DrivenEnd(
                new Vec3(v.get(0), v.get(1), v.get(2)),
                axis,
                v.get(3),
                (int) Math.rint(v.get(7)),
                bearings,
                v.get(4),
                v.get(5),
                v.get(6),
                v.get(8));
    }
}
