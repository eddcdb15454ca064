package oddcradle.core.job;

import java.util.List;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;

/**
 * What the donor drives.
 *
 * @param point of the axle, host axes, m
 * @param axis of the axle, host axes
 * @param sprocketOffset of the sprocket's middle plane from the point along the axis, m
 * @param teeth of the sprocket
 * @param bearings ids of the two host nodes that carry the axle
 * @param tyreRadius rolling radius, m; 0 where there is no wheel
 * @param axleLoad weight on the driven axle, ready to drive, N; 0 where there is no wheel
 * @param grip most wheel force per axle load, 0 to 2
 */
public record DrivenEnd(
        Vec3 point,
        Vec3 axis,
        double sprocketOffset,
        int teeth,
        List<String> bearings,
        double tyreRadius,
        double axleLoad,
        double grip) {
    private static final double MOST_GRIP = 2;

    public DrivenEnd {
        Guard.present("point", point);
        Guard.present("axis", axis).unit();
        Guard.finite("sprocketOffset", sprocketOffset);
        bearings = List.copyOf(Guard.present("bearings", bearings));
        if (bearings.size() != 2) {
            throw new InvalidValue(
                    "bearings", "names " + bearings.size() + " nodes, must name the two that carry the axle");
        }
        Guard.notNegative("tyreRadius", tyreRadius, "m");
        Guard.notNegative("axleLoad", axleLoad, "N");
        Guard.within("grip", grip, 0, MOST_GRIP, "");
    }

    /** Middle of the sprocket, host axes, m. */
    public Vec3 sprocketCentre() {
        return point.along(axis.unit(), sprocketOffset);
    }
}
