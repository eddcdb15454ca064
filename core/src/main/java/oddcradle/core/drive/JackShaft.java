package oddcradle.core.drive;

import java.util.List;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Measured;

/**
 * A shaft in the machine between two stages.
 *
 * @param point of its axis, host axes, m; places along it are measured from there
 * @param axis unit direction, host axes
 * @param od m
 * @param bore m; 0 for solid
 * @param drivenAt where the stage before drives it, m along the axis
 * @param driverAt where it drives the next stage, m along the axis
 * @param bearings two places, m along the axis; none if a case of gears holds it
 * @param bearingRating dynamic load rating of each bearing, N; 0 where nobody knows it
 * @param keyDepth of the keyway in the shaft, m; 0 for none
 * @param keyWidth m; 0 for none
 * @param yield strength of the shaft, Pa
 * @param bearingNodes nodes of the frame that carry the bearings, in their order; none where the frame is not to feel them
 * @param drivenMass of the wheel that is driven, kg; 0 where it is taken by its size
 * @param driverMass of the wheel that drives, kg; 0 where it is taken by its size
 * @param bearingStiffness of each bearing with its housing, across the shaft, N/m; 0 where it is taken as usual
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
        double yield,
        List<String> bearingNodes,
        Double drivenMass,
        Double driverMass,
        Double bearingStiffness)
        implements Measured<JackShaft> {
    private static final double LONGEST = 100;
    /** A ball bearing of this size in a bolted housing gives so much, N/m; common practice. */
    private static final double USUAL_BEARING = 5e7;

    public JackShaft {
        Guard.named("id", id);
        Guard.named("label", label);
        Guard.present("point", point);
        Guard.present("axis", axis).unit();
        Guard.size("od", od);
        Guard.notNegative("bore", bore, "m");
        if (bore >= od) {
            throw new InvalidValue("bore", "is " + bore + " m, must be less than od, " + od + " m");
        }
        Guard.within("drivenAt", drivenAt, -LONGEST, LONGEST, "m");
        Guard.within("driverAt", driverAt, -LONGEST, LONGEST, "m");
        bearings = List.copyOf(Guard.present("bearings", bearings));
        if (bearings.size() != 0 && bearings.size() != 2) {
            throw new InvalidValue(
                    "bearings", "names " + bearings.size() + " places, must name two, or none if gears hold it");
        }
        if (bearings.size() == 2 && bearings.get(0).equals(bearings.get(1))) {
            throw new InvalidValue("bearings", "are both at one place; a shaft needs two apart");
        }
        for (int k = 0; k < bearings.size(); k++) {
            Guard.within("bearings[" + k + "]", bearings.get(k), -LONGEST, LONGEST, "m");
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
        bearingNodes = bearingNodes == null ? List.of() : List.copyOf(bearingNodes);
        if (!bearingNodes.isEmpty() && bearingNodes.size() != bearings.size()) {
            throw new InvalidValue("bearingNodes", "must name one node for each bearing, or none");
        }
        drivenMass = drivenMass == null ? 0 : Guard.notNegative("drivenMass", drivenMass, "kg");
        driverMass = driverMass == null ? 0 : Guard.notNegative("driverMass", driverMass, "kg");
        bearingStiffness =
                bearingStiffness == null ? 0 : Guard.notNegative("bearingStiffness", bearingStiffness, "N/m");
    }

    /** Wheels by their size, bearings as usual. */
    public JackShaft(
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
            double yield,
            List<String> bearingNodes) {
        this(
                id,
                label,
                point,
                axis,
                od,
                bore,
                drivenAt,
                driverAt,
                bearings,
                bearingRating,
                keyDepth,
                keyWidth,
                yield,
                bearingNodes,
                0.0,
                0.0,
                0.0);
    }

    /** Of each bearing, N/m; where nobody has told it, common practice. */
    public double usedStiffness() {
        return bearingStiffness > 0 ? bearingStiffness : USUAL_BEARING;
    }

    /** A place along it, host axes, m. */
    public Vec3 at(double along) {
        return point.along(axis.unit(), along);
    }

    /** With its wheels packed elsewhere: places of both along the axis, m. */
    public JackShaft withWheels(double driven, double driver) {
        return like(label, axis, od, driven, driver, drivenMass, driverMass, bearingNodes);
    }

    /** Outside diameter, m. */
    public JackShaft withOd(double other) {
        return like(label, axis, other, drivenAt, driverAt, drivenMass, driverMass, bearingNodes);
    }

    /** With wheels of other masses, kg. */
    public JackShaft withMasses(double driven, double driver) {
        return like(label, axis, od, drivenAt, driverAt, driven, driver, bearingNodes);
    }

    /** Under another name. */
    public JackShaft withLabel(String other) {
        return like(other, axis, od, drivenAt, driverAt, drivenMass, driverMass, bearingNodes);
    }

    /** Pointing another way. */
    public JackShaft withAxis(Vec3 other) {
        return like(label, other, od, drivenAt, driverAt, drivenMass, driverMass, bearingNodes);
    }

    private JackShaft like(
            String called,
            Vec3 pointing,
            double diameter,
            double driven,
            double driver,
            double heavyDriven,
            double heavyDriver,
            List<String> nodes) {
        return new JackShaft(
                id,
                called,
                point,
                pointing,
                diameter,
                bore,
                driven,
                driver,
                bearings,
                bearingRating,
                keyDepth,
                keyWidth,
                yield,
                nodes,
                heavyDriven,
                heavyDriver,
                bearingStiffness);
    }

    /** On other nodes of the frame; none where the frame is not to feel it. */
    public JackShaft standingOn(List<String> nodes) {
        return like(label, axis, od, drivenAt, driverAt, drivenMass, driverMass, nodes);
    }

    /** Places along it are measured from its point; without bearings theirs read 0. */
    @Override
    public List<Measure> measures() {
        boolean held = !bearings.isEmpty();
        return List.of(
                Measure.of("forward", Kind.LENGTH, point.x()),
                Measure.of("left", Kind.LENGTH, point.y()),
                Measure.of("up", Kind.LENGTH, point.z()),
                Measure.of("diameter", Kind.LENGTH, od),
                Measure.of("bore", Kind.LENGTH, bore),
                Measure.of("driven wheel at", Kind.LENGTH, drivenAt),
                Measure.of("driving wheel at", Kind.LENGTH, driverAt),
                Measure.of("bearing 1 at", Kind.LENGTH, held ? bearings.get(0) : 0),
                Measure.of("bearing 2 at", Kind.LENGTH, held ? bearings.get(1) : 0),
                Measure.of("bearing rating", Kind.FORCE, bearingRating),
                Measure.of("keyway deep", Kind.LENGTH, keyDepth),
                Measure.of("key wide", Kind.LENGTH, keyWidth),
                Measure.of("yield strength", Kind.STRESS, yield),
                Measure.of("driven wheel weighs (0: by size)", Kind.MASS, drivenMass),
                Measure.of("driving wheel weighs (0: by size)", Kind.MASS, driverMass),
                Measure.of("bearing's stiffness (0: usual)", Kind.STIFFNESS, bearingStiffness));
    }

    @Override
    public JackShaft with(List<Double> v) {
        boolean held = !v.get(7).equals(0.0) || !v.get(8).equals(0.0);
        return new JackShaft(
                id,
                label,
                new Vec3(v.get(0), v.get(1), v.get(2)),
                axis,
                v.get(3),
                v.get(4),
                v.get(5),
                v.get(6),
                held ? List.of(v.get(7), v.get(8)) : List.of(),
                v.get(9),
                v.get(10),
                v.get(11),
                v.get(12),
                held ? bearingNodes : List.of(),
                v.get(13),
                v.get(14),
                v.get(15));
    }
}
