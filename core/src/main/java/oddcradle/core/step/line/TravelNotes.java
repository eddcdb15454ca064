package oddcradle.core.step.line;

import static oddcradle.core.finding.Why.input;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.drive.RollerChain;
import oddcradle.core.drive.Stage;
import oddcradle.core.drive.SwingArmChain;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.job.Job;
import oddcradle.core.job.line.SwingArm;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.Seating;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.structure.LineResult;
import oddcradle.core.structure.StageResult;
import oddcradle.core.units.Quantity;
import oddcradle.core.vibration.MountedBody;
import oddcradle.core.vibration.RigidBodyModes;
import oddcradle.core.vibration.StaticSag;

/** What movement does to the line: of a swing arm to its chain, of soft mounts to its alignment. */
final class TravelNotes {
    private static final int STEPS = 20;
    private static final double MOST_SLACK = 0.02;
    private static final double SHOCK = 3;
    private static final double STANDARD_GRAVITY = 9.80665;

    private TravelNotes() {}

    static void swingArm(ReportBuilder report, Job job, Seating seating, LineResult line) {
        if (job.line().swingArm().isEmpty() || line.stages().isEmpty()) {
            return;
        }
        SwingArm arm = job.line().swingArm().get();
        StageResult last = line.stages().get(line.stages().size() - 1);
        if (!(last.stage() instanceof Stage.Chain chain)) {
            return;
        }
        Vec3 front = last.driving().sprocketCentre();
        List<Double> angles = new ArrayList<>();
        for (int k = 0; k <= STEPS; k++) {
            double below = arm.highest() + (arm.lowest() - arm.highest()) * k / STEPS;
            angles.add(arm.aft() ? Math.PI + below : -below);
        }
        SwingArmChain travel;
        try {
            travel = SwingArmChain.of(
                    new SwingArmChain.Point(front.x(), front.z()),
                    new SwingArmChain.Point(arm.pivot().x(), arm.pivot().z()),
                    arm.length(),
                    chain.pitch(),
                    chain.driverTeeth(),
                    chain.drivenTeeth(),
                    angles);
        } catch (InvalidValue impossible) {
            report.say(
                    LineFinding.TRAVEL,
                    Severity.STOP,
                    Phrase.of("{} does not work through the travel: {}", chain.label(), impossible.getMessage()),
                    Place.of(Subject.stage(chain.id()), front),
                    new Why("C > (d1 + d2) / 2", List.of(), Source.derived("geometry")));
            return;
        }
        Place where = Place.between(Subject.stage(chain.id()), front, Subject.DATUM, arm.pivot());
        Why why = new Why(
                "longest less shortest centre distance through the travel",
                List.of(
                        input("longest", Quantity.length(travel.maxCentre())),
                        input("shortest", Quantity.length(travel.minCentre()))),
                Source.derived("plane geometry of the arm"));
        Quantity range = Quantity.length(travel.range());
        double tightest = arm.aft() ? travel.maxCentreAngle() - Math.PI : -travel.maxCentreAngle();
        report.figure(chain.label() + ": slackens through the travel by", range, why);
        report.figure(chain.label() + ": tightest with the arm below level by", Quantity.angle(tightest), why);
        report.atMost(
                LineFinding.TRAVEL,
                Severity.WATCH,
                range,
                Quantity.length(MOST_SLACK),
                Phrase.of(
                        "{} slackens by {} through the travel; set it with the arm {} below level, where it is tightest",
                        chain.label(),
                        range,
                        Quantity.angle(tightest)),
                Phrase.of(
                        "{} slackens by {} through the travel; bring the front sprocket nearer to the pivot or spring a"
                                + " tensioner",
                        chain.label(),
                        range),
                where,
                why);
        report.figure(
                "front sprocket over the pivot",
                Quantity.length(front.z() - arm.pivot().z()),
                new Why("z1 - z2", List.of(), Source.derived("seat and frame")));
        squat(report, arm, chain, front, where);
    }

    /** The pull of the upper run against the arm: its turning effect about the pivot, per pull, over the arm's length. */
    private static void squat(ReportBuilder report, SwingArm arm, Stage.Chain chain, Vec3 front, Place where) {
        double below = (arm.lowest() + arm.highest()) / 2;
        double way = arm.aft() ? -1 : 1;
        double axleX = arm.pivot().x() + way * arm.length() * Math.cos(below);
        double axleZ = arm.pivot().z() - arm.length() * Math.sin(below);
        double r1 = RollerChain.pitchDiameter(chain.pitch(), chain.driverTeeth()) / 2;
        double r2 = RollerChain.pitchDiameter(chain.pitch(), chain.drivenTeeth()) / 2;
        double dx = front.x() - axleX;
        double dz = front.z() + r1 - (axleZ + r2);
        double length = Math.hypot(dx, dz);
        // Distance of the pivot from the line of the upper run, positive with the run above the pivot.
        double over =
                (dx * (axleZ + r2 - arm.pivot().z()) - dz * (axleX - arm.pivot().x())) / length * Math.signum(dx);
        Why why = new Why(
                "height of the upper chain run over the pivot, over the length of the arm, arm in mid travel",
                List.of(input("over the pivot", Quantity.length(over))),
                Source.commonPractice());
        report.figure("chain pull squats the arm by, per pull", Quantity.ratio(over / arm.length()), why);
        report.say(
                LineFinding.SQUAT,
                Severity.NOTE,
                Phrase.of(
                        over >= 0
                                ? "the upper run passes {} over the pivot: pulling away presses the machine down on its wheel"
                                : "the upper run passes {} under the pivot: pulling away lifts the machine off its wheel",
                        Quantity.length(Math.abs(over))),
                where,
                why);
    }

    /** How sag, full throttle and a bump shift the planes of the first stage, on soft mounts. */
    static void softMounts(ReportBuilder report, Seating seating, LineResult line, Optional<MountedBody> mounted) {
        if (mounted.isEmpty() || line.stages().isEmpty()) {
            return;
        }
        StageResult first = line.stages().get(0);
        Vec3 axis = first.driving().direction();
        Vec3 arm = first.driving().sprocketCentre().minus(seating.mass().cg());
        Vec3 weight = new Vec3(0, 0, -STANDARD_GRAVITY * mounted.get().body().mass());
        Vec3 pull = first.driven()
                .sprocketCentre()
                .minus(first.driving().sprocketCentre())
                .withoutPartAlong(axis);
        pull = pull.length() == 0 || first.design() == 0
                ? Vec3.ZERO
                : pull.unit().times(first.design());
        try {
            double sag = shift(first, RigidBodyModes.movedBy(mounted.get(), weight, Vec3.ZERO), arm);
            double bump = shift(first, RigidBodyModes.movedBy(mounted.get(), weight.times(SHOCK), Vec3.ZERO), arm);
            double throttle = shift(first, RigidBodyModes.movedBy(mounted.get(), pull, arm.cross(pull)), arm);
            told(report, first, sag, throttle, bump);
        } catch (InvalidValue free) {
            report.say(
                    LineFinding.SOFT,
                    Severity.NOT_CHECKED,
                    Phrase.of("how far the mounts shift the line is not known: they leave a motion free"),
                    PlaneNotes.place(first),
                    new Why("K x = F", List.of(), Source.derived("body on springs")));
        }
    }

    /** Along the shaft where planes must meet, aside where shafts must. */
    private static double shift(StageResult first, StaticSag moved, Vec3 arm) {
        Vec3 axis = first.driving().direction();
        Vec3 way = moved.cgDisplacement().plus(moved.rotation().cross(arm));
        return first.stage().isInPlane()
                ? way.dot(axis)
                : way.withoutPartAlong(axis).length();
    }

    private static void told(ReportBuilder report, StageResult first, double sag, double throttle, double bump) {
        Why why = new Why(
                "K x = F on the isolators, the output's way along its shaft",
                List.of(
                        input("sag", Quantity.length(sag)),
                        input("full throttle", Quantity.length(throttle)),
                        input("3 g bump", Quantity.length(bump))),
                Source.derived("rigid body on springs"));
        String name = first.stage().label();
        String what = first.stage().isInPlane() ? " shifts its plane by" : " moves its shaft aside by";
        report.figure(name + ": sag" + what, Quantity.length(sag), why);
        report.figure(name + ": full throttle" + what, Quantity.length(throttle), why);
        report.figure(name + ": a 3 g bump" + what, Quantity.length(bump), why);
        if (!first.stage().isInPlane()) {
            return;
        }
        // The planes are set with the donor sagged; what moves them later comes on top.
        Quantity worst =
                Quantity.length(Math.abs(first.alignment().offset()) + Math.abs(throttle) + Math.abs(bump - sag));
        Quantity limit = Quantity.length(
                2 * PlaneNotes.offsetShare(first.stage()) * first.alignment().centreDistance());
        report.atMost(
                LineFinding.SOFT,
                Severity.WATCH,
                worst,
                limit,
                Phrase.of("{}: on its mounts the planes part by {} at worst", name, worst),
                Phrase.of(
                        "{}: on its mounts the planes part by {} at worst; stiffer mounts across, or a steady arm, hold it",
                        name,
                        worst),
                PlaneNotes.place(first),
                why);
    }
}
