package oddcradle.core.drive;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Measured;

/**
 * One step of the drive from a shaft to the next.
 *
 * <p>Ratios by teeth or diameters, by definition; efficiencies are common practice.
 */
public sealed interface Stage extends Measured<Stage> {
    String id();

    String label();

    /** Share of the power that reaches the next shaft, more than 0 to 1. */
    double efficiency();

    /** Turns of its driver for one turn of what it drives; of a variator in its lowest ratio. */
    double ratio();

    /** The same in its highest ratio. */
    default double highRatio() {
        return ratio();
    }

    /** Pitch radius on the driving shaft, m; 0 where the stage has no pull to its side. */
    default double driverRadius() {
        return 0;
    }

    default double drivenRadius() {
        return 0;
    }

    /** Whether its two shafts lie beside each other, joined in one plane. */
    default boolean isInPlane() {
        return drivenRadius() > 0;
    }

    /** In a word, for lists. */
    String kind();

    /**
     * A roller chain.
     *
     * @param pitch m
     * @param breakingLoad N
     * @param tensionerTravel centre distance that a slide, slot or tensioner can take up, m
     */
    @RecordBuilder
    record Chain(
            String id,
            String label,
            double pitch,
            int driverTeeth,
            int drivenTeeth,
            double breakingLoad,
            double tensionerTravel,
            double efficiency)
            implements Stage, StageChainBuilder.With {
        private static final int FEWEST = 6;
        private static final int MOST = 500;

        public Chain {
            named(id, label, efficiency);
            Guard.size("pitch", pitch);
            requireTeeth("driverTeeth", driverTeeth);
            requireTeeth("drivenTeeth", drivenTeeth);
            Guard.positive("breakingLoad", breakingLoad, "N");
            Guard.notNegative("tensionerTravel", tensionerTravel, "m");
        }

        private static void requireTeeth(String field, int teeth) {
            if (teeth < FEWEST || teeth > MOST) {
                throw new InvalidValue(
                        field, "is " + teeth + ", must lie between " + FEWEST + " and " + MOST + " teeth");
            }
        }

        public Chain withTeeth(int driver, int driven) {
            return new Chain(id, label, pitch, driver, driven, breakingLoad, tensionerTravel, efficiency);
        }

        @Override
        public double ratio() {
            return (double) drivenTeeth / driverTeeth;
        }

        @Override
        public double driverRadius() {
            return RollerChain.pitchDiameter(pitch, driverTeeth) / 2;
        }

        @Override
        public double drivenRadius() {
            return RollerChain.pitchDiameter(pitch, drivenTeeth) / 2;
        }

        @Override
        public String kind() {
            return "roller chain";
        }

        @Override
        public List<Measure> measures() {
            return List.of(
                    Measure.of("front teeth", Kind.COUNT, driverTeeth),
                    Measure.of("rear teeth", Kind.COUNT, drivenTeeth),
                    Measure.of("pitch", Kind.LENGTH, pitch),
                    Measure.of("breaking load", Kind.FORCE, breakingLoad),
                    Measure.of("slide or tensioner", Kind.LENGTH, tensionerTravel),
                    Measure.of("efficiency", Kind.SHARE, efficiency));
        }

        @Override
        public Stage with(List<Double> v) {
            return new Chain(
                    id,
                    label,
                    v.get(2),
                    whole("driverTeeth", v.get(0)),
                    whole("drivenTeeth", v.get(1)),
                    v.get(3),
                    v.get(4),
                    v.get(5));
        }
    }

    /**
     * A belt on two pulleys.
     *
     * @param toothed whether it cannot slip
     * @param driverDiameter pitch diameter, m
     * @param beltLength along its pitch line, m
     * @param wedgeAngle between the sides of a V-belt, rad; 0 for a flat or toothed one
     * @param width at the top, m
     * @param tensionerTravel m
     */
    @RecordBuilder
    record Belt(
            String id,
            String label,
            boolean toothed,
            double driverDiameter,
            double drivenDiameter,
            double beltLength,
            double wedgeAngle,
            double width,
            double tensionerTravel,
            double efficiency)
            implements Stage, StageBeltBuilder.With {
        public Belt {
            named(id, label, efficiency);
            Guard.size("driverDiameter", driverDiameter);
            Guard.size("drivenDiameter", drivenDiameter);
            Guard.size("beltLength", beltLength);
            Guard.within("wedgeAngle", wedgeAngle, 0, Math.PI / 2, "rad");
            Guard.size("width", width);
            Guard.notNegative("tensionerTravel", tensionerTravel, "m");
        }

        /** m */
        public Belt withLength(double length) {
            return new Belt(
                    id,
                    label,
                    toothed,
                    driverDiameter,
                    drivenDiameter,
                    length,
                    wedgeAngle,
                    width,
                    tensionerTravel,
                    efficiency);
        }

        @Override
        public double ratio() {
            return drivenDiameter / driverDiameter;
        }

        @Override
        public double driverRadius() {
            return driverDiameter / 2;
        }

        @Override
        public double drivenRadius() {
            return drivenDiameter / 2;
        }

        @Override
        public String kind() {
            return toothed ? "toothed belt" : "V-belt";
        }

        @Override
        public List<Measure> measures() {
            return List.of(
                    Measure.of("driving pulley", Kind.LENGTH, driverDiameter),
                    Measure.of("driven pulley", Kind.LENGTH, drivenDiameter),
                    Measure.of("belt length", Kind.LENGTH, beltLength),
                    Measure.of("wedge angle", Kind.ANGLE, wedgeAngle),
                    Measure.of("belt width", Kind.LENGTH, width),
                    Measure.of("slide", Kind.LENGTH, tensionerTravel),
                    Measure.of("efficiency", Kind.SHARE, efficiency));
        }

        @Override
        public Stage with(List<Double> v) {
            return new Belt(id, label, toothed, v.get(0), v.get(1), v.get(2), v.get(3), v.get(4), v.get(5), v.get(6));
        }
    }

    /**
     * A belt between two clutches that change their diameters with speed.
     *
     * @param driverLow pitch diameter of the driving clutch when it takes hold, m
     * @param driverHigh the same fully shifted
     * @param beltLength along its pitch line, m
     * @param wedgeAngle between the sides of the belt, rad
     * @param width at the top, m
     * @param engageSpeed of the driver at which the belt is gripped, rad/s
     * @param shiftSpeed of the driver while it shifts, rad/s
     */
    @RecordBuilder
    record Variator(
            String id,
            String label,
            double driverLow,
            double driverHigh,
            double beltLength,
            double wedgeAngle,
            double width,
            double engageSpeed,
            double shiftSpeed,
            double efficiency)
            implements Stage, StageVariatorBuilder.With {
        public Variator {
            named(id, label, efficiency);
            Guard.size("driverLow", driverLow);
            Guard.size("driverHigh", driverHigh);
            if (driverHigh <= driverLow) {
                throw new InvalidValue("driverHigh", "is " + driverHigh + " m, must be more than driverLow");
            }
            Guard.size("beltLength", beltLength);
            Guard.within("wedgeAngle", wedgeAngle, Math.toRadians(10), Math.PI / 2, "rad");
            Guard.size("width", width);
            Guard.positive("engageSpeed", engageSpeed, "rad/s");
            Guard.positive("shiftSpeed", shiftSpeed, "rad/s");
            if (shiftSpeed < engageSpeed) {
                throw new InvalidValue("shiftSpeed", "is below the speed at which the clutch takes hold");
            }
        }

        /** Nominal; the centre distance settles the driven diameters, see {@link OpenBelt#otherDiameter}. */
        @Override
        public double ratio() {
            return driverHigh / driverLow;
        }

        @Override
        public double highRatio() {
            return driverLow / driverHigh;
        }

        @Override
        public double driverRadius() {
            return driverLow / 2;
        }

        @Override
        public double drivenRadius() {
            return driverHigh / 2;
        }

        @Override
        public String kind() {
            return "belt variator";
        }

        @Override
        public List<Measure> measures() {
            return List.of(
                    Measure.of("clutch, taking hold", Kind.LENGTH, driverLow),
                    Measure.of("clutch, shifted", Kind.LENGTH, driverHigh),
                    Measure.of("belt length", Kind.LENGTH, beltLength),
                    Measure.of("wedge angle", Kind.ANGLE, wedgeAngle),
                    Measure.of("belt width", Kind.LENGTH, width),
                    Measure.of("takes hold at", Kind.ROTATION_SPEED, engageSpeed),
                    Measure.of("shifts at", Kind.ROTATION_SPEED, shiftSpeed),
                    Measure.of("efficiency", Kind.SHARE, efficiency));
        }

        @Override
        public Stage with(List<Double> v) {
            return new Variator(
                    id, label, v.get(0), v.get(1), v.get(2), v.get(3), v.get(4), v.get(5), v.get(6), v.get(7));
        }
    }

    /** Gears in a case of their own, shafts where the case has them. */
    @RecordBuilder
    record Gears(String id, String label, double ratio, boolean reverses, double efficiency)
            implements Stage, StageGearsBuilder.With {
        public Gears {
            named(id, label, efficiency);
            Guard.positive("ratio", ratio, "");
        }

        @Override
        public String kind() {
            return "gears";
        }

        @Override
        public List<Measure> measures() {
            return List.of(Measure.of("ratio", Kind.RATIO, ratio), Measure.of("efficiency", Kind.SHARE, efficiency));
        }

        @Override
        public Stage with(List<Double> v) {
            return new Gears(id, label, v.get(0), reverses, v.get(1));
        }
    }

    /**
     * A flexible coupling of two shafts in line.
     *
     * @param radialAllowance m
     * @param angularAllowance rad
     * @param torsionalStiffness N m/rad; 0 where nobody knows it
     */
    @RecordBuilder
    record Coupling(String id, String label, double radialAllowance, double angularAllowance, double torsionalStiffness)
            implements Stage, StageCouplingBuilder.With {
        public Coupling {
            named(id, label, 1);
            Guard.positive("radialAllowance", radialAllowance, "m");
            Guard.positive("angularAllowance", angularAllowance, "rad");
            Guard.notNegative("torsionalStiffness", torsionalStiffness, "N m/rad");
        }

        @Override
        public double efficiency() {
            return 1;
        }

        @Override
        public double ratio() {
            return 1;
        }

        @Override
        public String kind() {
            return "flexible coupling";
        }

        @Override
        public List<Measure> measures() {
            return List.of(
                    Measure.of("takes aside", Kind.LENGTH, radialAllowance),
                    Measure.of("takes at an angle", Kind.ANGLE, angularAllowance),
                    Measure.of("twists, per rad", Kind.TORQUE, torsionalStiffness));
        }

        /** m */
        public Coupling withRadialAllowance(double other) {
            return new Coupling(id, label, other, angularAllowance, torsionalStiffness);
        }

        /** N m/rad */
        public Coupling withTorsionalStiffness(double other) {
            return new Coupling(id, label, radialAllowance, angularAllowance, other);
        }

        @Override
        public Stage with(List<Double> v) {
            return new Coupling(id, label, v.get(0), v.get(1), v.get(2));
        }
    }

    /**
     * A shaft with a joint at each end.
     *
     * @param constantVelocity whether its joints turn evenly at an angle; otherwise they are crosses
     * @param phase angle between the two yokes of the shaft, rad; 0 where they lie in one plane
     * @param largestAngle that a joint takes, rad
     */
    @RecordBuilder
    record JointShaft(
            String id, String label, boolean constantVelocity, double phase, double largestAngle, double efficiency)
            implements Stage, StageJointShaftBuilder.With {
        public JointShaft {
            named(id, label, efficiency);
            Guard.within("phase", phase, -Math.PI, Math.PI, "rad");
            Guard.within("largestAngle", largestAngle, 0, Math.PI / 3, "rad");
        }

        @Override
        public double ratio() {
            return 1;
        }

        @Override
        public String kind() {
            return constantVelocity ? "constant-velocity shaft" : "universal shaft";
        }

        @Override
        public List<Measure> measures() {
            return List.of(
                    Measure.of("second yoke turned", Kind.ANGLE, phase),
                    Measure.of("joints take", Kind.ANGLE, largestAngle),
                    Measure.of("efficiency", Kind.SHARE, efficiency));
        }

        @Override
        public Stage with(List<Double> v) {
            return new JointShaft(id, label, constantVelocity, v.get(0), v.get(1), v.get(2));
        }
    }

    private static int whole(String field, double value) {
        if (value != Math.rint(value)) {
            throw new InvalidValue(field, "is " + value + ", must be a whole number");
        }
        return (int) value;
    }

    private static void named(String id, String label, double efficiency) {
        Guard.named("id", id);
        Guard.named("label", label);
        Guard.positive("efficiency", efficiency, "");
        Guard.within("efficiency", efficiency, 0, 1, "");
    }
}
