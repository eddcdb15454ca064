package oddcradle.core.step.fit;

import java.util.List;
import java.util.Optional;
import oddcradle.core.asbuilt.Condition;
import oddcradle.core.drive.Shaft;
import oddcradle.core.job.fit.ShaftReading;
import oddcradle.core.math.Vec3;
import oddcradle.core.structure.StageResult;

/**
 * How two wheels lie to each other by a straight-edge across both, or by a string or laser line beside both.
 *
 * <p>Plane geometry. A straight-edge takes the driver's face for its line, a string is true to neither: the driver's own slope is taken off it. Both ask how thick the
 * wheels are from teeth to face; with a straight-edge that difference is taken off by hand (common practice).
 *
 * @param reading it was found by
 * @param offset of the driven wheel behind the driver's plane, seen from the line, m
 * @param angle in the plane of the run, rad
 * @param lean of the driven wheel against the driver, at the top towards the line, rad; 0 where no level was held to them
 * @param centres between the two wheels, m
 * @param side from the wheels to the line, unit
 * @param from middle of the driver, m
 * @param to middle of the driven wheel, m
 */
public record WheelsFound(
        ShaftReading reading, double offset, double angle, double lean, double centres, Vec3 side, Vec3 from, Vec3 to) {
    /** Of a run of chain or belt, a ratio; common practice. */
    static final double SHARE = 0.002;

    /** rad; common practice. */
    static final double ANGLE = Math.toRadians(0.3);

    /** A caliper from a string or a spot of light to a face, one standard deviation, m; common practice. */
    private static final double READ = 1e-4;

    /** Empty for readings of another kind. */
    static Optional<WheelsFound> of(ShaftReading reading, StageResult stage, Vec3 engine) {
        double centres = stage.alignment().centreDistance();
        if (reading instanceof ShaftReading.StraightEdge edge) {
            return Optional.of(found(
                    edge,
                    stage,
                    engine,
                    edge.inside(),
                    (edge.near() + edge.far()) / 2,
                    Math.atan((edge.far() - edge.near()) / edge.apart()),
                    0));
        }
        if (reading instanceof ShaftReading.StringLine line) {
            double donorSlope = (line.donorNear() - line.donorFar()) / line.donorApart();
            double drivenSlope = (line.drivenFar() - line.drivenNear()) / line.drivenApart();
            double plane = (line.donorNear() + line.donorFar()) / 2 + donorSlope * centres;
            return Optional.of(found(
                    line,
                    stage,
                    engine,
                    line.inside(),
                    (line.drivenNear() + line.drivenFar()) / 2 - plane - line.thicker(),
                    Math.atan(drivenSlope) - Math.atan(donorSlope),
                    line.drivenLean() - line.donorLean()));
        }
        return Optional.empty();
    }

    private static WheelsFound found(
            ShaftReading reading,
            StageResult stage,
            Vec3 engine,
            boolean inside,
            double offset,
            double angle,
            double lean) {
        Shaft driving = stage.driving();
        Vec3 axis = driving.direction();
        boolean towardsEngine = engine.minus(driving.sprocketCentre()).dot(axis) > 0;
        return new WheelsFound(
                reading,
                offset,
                angle,
                lean,
                stage.alignment().centreDistance(),
                towardsEngine == inside ? axis : axis.negated(),
                driving.sprocketCentre(),
                stage.driven().sprocketCentre());
    }

    /** How well a string tells the offset, one standard deviation, m: the driver's slope, read over its own width, is carried on over the whole run. NaN for a straight-edge. */
    double sigma() {
        if (!(reading instanceof ShaftReading.StringLine line)) {
            return Double.NaN;
        }
        double carried = centres / line.donorApart();
        return READ * Math.sqrt(1 + 2 * carried * carried);
    }

    /** Of the centre distance, a share. */
    public double share() {
        return centres > 0 ? Math.abs(offset) / centres : 0;
    }

    boolean isGood() {
        return share() <= SHARE && Math.abs(angle) <= ANGLE && Math.abs(lean) <= ANGLE;
    }

    /** What moving the engine mends of it: its plane at the driven wheel, and the way its wheel is turned. */
    List<Condition> conditions() {
        Vec3 run = to.minus(from).withoutPartAlong(side);
        if (run.length() < 1e-6) {
            return List.of();
        }
        Vec3 along = run.unit();
        Condition plane = Condition.offset(reading.id(), "wheels beside each other", to, side, offset, SHARE * centres);
        Condition toe =
                Condition.angle(reading.id(), "wheels turned to each other", along.cross(side), Math.tan(angle), ANGLE);
        if (!(reading instanceof ShaftReading.StringLine)) {
            return List.of(plane, toe);
        }
        Vec3 up = side.cross(along);
        Vec3 above = up.z() < 0 ? up.negated() : up;
        return List.of(plane, toe, Condition.angle(reading.id(), "wheels leaning", above.cross(side), -lean, ANGLE));
    }
}
