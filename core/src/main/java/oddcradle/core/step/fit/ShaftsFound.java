package oddcradle.core.step.fit;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import oddcradle.core.asbuilt.Condition;
import oddcradle.core.drive.Shaft;
import oddcradle.core.drive.ShaftDials;
import oddcradle.core.drive.Stage;
import oddcradle.core.job.fit.ShaftReading;
import oddcradle.core.math.Vec3;
import oddcradle.core.structure.StageResult;

/**
 * How a shaft lies to the one it drives, by dials, and what each of its feet is to be lifted and moved: the mounts of the engine, or the bearings of a shaft in the machine.
 *
 * <p>Cold, the donor's shaft has to stand lower by as much as it rises more than the other when both are warm.
 *
 * @param reading it was found by
 * @param lies as read, cold
 * @param wanted height at which the donor's shaft has to stand cold, m
 * @param reach of each foot from the middle between the shafts into what drives, m
 * @param middle between both shafts, m
 * @param along level, into what drives, unit
 */
public record ShaftsFound(
        ShaftReading reading, ShaftDials lies, double wanted, Map<String, Double> reach, Vec3 middle, Vec3 along) {
    /** Of shafts of which no coupling is named, m; common practice. */
    private static final double APART = 0.0002;

    public ShaftsFound {
        reach = Map.copyOf(reach);
    }

    /** Empty for readings of another kind, and for shafts that stand on end: dials are not told so. */
    static Optional<ShaftsFound> of(ShaftReading reading, StageResult stage, double wanted, Feet feet) {
        ShaftDials lies;
        if (reading instanceof ShaftReading.RimAndFace both) {
            lies = ShaftDials.rimAndFace(
                    both.rim(), both.face(), both.faceDiameter(), both.rimX(), both.onDonor(), both.back(), both.sag());
        } else if (reading instanceof ShaftReading.TwoDials two) {
            lies = ShaftDials.reverse(two.onDonor(), two.onDriven(), two.donorX(), two.drivenX(), two.sag());
        } else if (reading instanceof ShaftReading.StepAndGaps gaps) {
            lies = ShaftDials.stepAndGaps(gaps.high(), gaps.left(), gaps.gaps(), gaps.diameter());
        } else {
            return Optional.empty();
        }
        Shaft driving = stage.driving();
        Vec3 middle = driving.sprocketCentre().towards(stage.driven().sprocketCentre(), 0.5);
        Vec3 axis = driving.direction();
        Vec3 level = new Vec3(axis.x(), axis.y(), 0);
        if (level.length() < Math.sin(Math.toRadians(30))) {
            return Optional.empty();
        }
        Vec3 along = level.dot(feet.middle().minus(middle)) < 0 ? level.unit().negated() : level.unit();
        Map<String, Double> reach = new TreeMap<>();
        feet.places().forEach((foot, at) -> reach.put(foot, at.minus(middle).dot(along)));
        return Optional.of(new ShaftsFound(reading, lies, wanted, reach, middle, along));
    }

    /** What a foot has to be lifted beyond what lies under it, m; negative to come down. */
    public double lift(String foot) {
        return wanted + lies.vertical().mend(reach.get(foot));
    }

    /** What a foot has to be moved to the left, m; negative to the right. */
    public double move(String foot) {
        return lies.horizontal().mend(reach.get(foot));
    }

    /** How far the axes are apart between the shafts, against where they should be cold, m. */
    public double apart() {
        return Math.hypot(lies.vertical().offset() - wanted, lies.horizontal().offset());
    }

    /** Angle between the axes, rad. */
    public double angle() {
        return Math.atan(Math.hypot(lies.vertical().slope(), lies.horizontal().slope()));
    }

    /** What moving it mends: offset and angle, each up and aside. */
    List<Condition> conditions(Stage stage) {
        double apart = stage instanceof Stage.Coupling coupling ? coupling.radialAllowance() : APART;
        double angle = stage instanceof Stage.Coupling coupling ? coupling.angularAllowance() : WheelsFound.ANGLE;
        // Each way may use up what is left of a circle when both do.
        double each = Math.sqrt(0.5);
        Vec3 left = Vec3.Z.cross(along);
        String by = reading.id();
        return List.of(
                Condition.offset(
                        by, "shaft high", middle, Vec3.Z, lies.vertical().offset() - wanted, each * apart),
                Condition.offset(
                        by, "shaft to the left", middle, left, lies.horizontal().offset(), each * apart),
                Condition.angle(
                        by, "shaft rises", along.cross(Vec3.Z), lies.vertical().slope(), each * angle),
                Condition.angle(
                        by,
                        "shaft opens to the left",
                        along.cross(left),
                        lies.horizontal().slope(),
                        each * angle));
    }
}
