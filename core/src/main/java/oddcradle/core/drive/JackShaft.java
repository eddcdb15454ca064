package oddcradle.core.drive;

import java.util.List;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;

/**
 * A shaft in the machine between two stages.
 *
 * @param point of its axis, host axes, m; places along it are measured from there
 * @param axis its direction
 * @param od m
 * @param bore m; 0 for solid
 * @param drivenAt where the stage before drives it, m along the axis
 * @param driverAt where it drives the next stage, m along the axis
 * @param bearings two places, m along the axis; none if a case of gears holds it
 * @param bearingRating dynamic load rating of each bearing, N; 0 where nobody knows it
 * @param keyDepth of the keyway in the shaft, m; 0 for none
 * @param keyWidth m; 0 for none
 * @param yield strength of the shaft, Pa
 */
public record JackShaft(
        String id,
        String label,
        Vec3 point,
        Vec3 axis,
        double od,
        double bore,
        double drivenAt,
        double driverAt,
        List<Double> bearings,
        double bearingRating,
        double keyDepth,
        double keyWidth,
        double yield) {
    public JackShaft {
        Guard.named("id", id);
        Guard.named("label", label);
        Guard.present("point", point);
        Guard.present("axis", axis).unit();
        Guard.positive("od", od, "m");
        Guard.notNegative("bore", bore, "m");
        if (bore >= od) {
            throw new InvalidValue("bore", "is " + bore + " m, must be less than od, " + od + " m");
        }
        Guard.finite("drivenAt", drivenAt);
        Guard.finite("driverAt", driverAt);
        bearings = List.copyOf(Guard.present("bearings", bearings));
        if (bearings.size() != 0 && bearings.size() != 2) {
            throw new InvalidValue(
                    "bearings", "names " + bearings.size() + " places, must name two, or none if gears hold it");
        }
        if (bearings.size() == 2 && bearings.get(0).equals(bearings.get(1))) {
            throw new InvalidValue("bearings", "are both at one place; a shaft needs two apart");
        }
        Guard.notNegative("bearingRating", bearingRating, "N");
        Guard.notNegative("keyDepth", keyDepth, "m");
        Guard.notNegative("keyWidth", keyWidth, "m");
        double wall = (od - bore) / 2;
        if (keyDepth >= wall) {
            throw new InvalidValue(
                    "keyDepth",
                    "is " + keyDepth + " m; the shaft is " + wall
                            + " m thick there, thinner than its key; choose a thicker shaft or a shallower key");
        }
        if (keyWidth >= od) {
            throw new InvalidValue("keyWidth", "is " + keyWidth + " m, must be less than the shaft's " + od + " m");
        }
        Guard.positive("yield", yield, "Pa");
    }

    /** A place along it, host axes, m. */
    public Vec3 at(double along) {
        return point.along(axis.unit(), along);
    }
}
