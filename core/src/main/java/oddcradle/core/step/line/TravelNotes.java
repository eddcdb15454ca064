package oddcradle.core.step.line;

import static oddcradle.core.finding.Why.input;

import java.util.ArrayList;
import java.util.List;
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
import oddcradle.core.job.host.DrivenEnd;
import oddcradle.core.job.line.SwingArm;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.Seating;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.structure.LineResult;
import oddcradle.core.structure.StageResult;
import oddcradle.core.units.Quantity;

/** What movement does to the line: of a swing arm to its chain, of soft mounts to its alignment. */
final class TravelNotes {
    private static final Source GEOMETRY = Source.derived("seat and frame");
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
        squat(report, arm, chain, front, job.host().drivenEnd(), where);
    }

    /**
     * What pulling away does to the arm in mid travel: the upper run turns it about its pivot one way, the ground's thrust at the tyre
     * another. Both for one newton of thrust; moments about the pivot, statics of arm and wheel.
     */
    private static void squat(
            ReportBuilder report, SwingArm arm, Stage.Chain chain, Vec3 front, DrivenEnd end, Place where) {
        double below = (arm.lowest() + arm.highest()) / 2;
        double way = arm.aft() ? -1 : 1;
        double axleX = arm.pivot().x() + way * arm.length() * Math.cos(below);
        double axleZ = arm.pivot().z() - arm.length() * Math.sin(below);
        double r1 = RollerChain.pitchDiameter(chain.pitch(), chain.driverTeeth()) / 2;
        double r2 = RollerChain.pitchDiameter(chain.pitch(), chain.drivenTeeth()) / 2;
        double over = overThePivot(arm, front, axleX, axleZ, r1, r2);
        report.figure(
                "upper chain run over the pivot",
                Quantity.length(over),
                new Why("distance of the pivot from the run's tangent, arm in mid travel", List.of(), GEOMETRY));
        if (end.tyreRadius() == 0) {
            return;
        }
        double byChain = over * end.tyreRadius() / r2;
        double byGround = way * (arm.pivot().z() - axleZ + end.tyreRadius());
        double presses = (byChain + byGround) / (arm.length() * Math.cos(below));
        Why why = new Why(
                "(h R / r + s z) / a: run h over the pivot, tyre R, sprocket r, pivot z over the ground, arm a long; s = 1 ahead of the"
                        + " pivot, -1 behind it",
                List.of(
                        input("by the chain", Quantity.length(byChain)),
                        input("by the ground's thrust", Quantity.length(byGround))),
                Source.fromMemory("Foale, Motorcycle Handling and Chassis Design"));
        report.figure("thrust presses the arm up by, per thrust", Quantity.ratio(presses), why);
        report.say(
                LineFinding.SQUAT,
                Severity.NOTE,
                Phrase.of(
                        presses >= 0
                                ? "chain and thrust together press the arm up by {} of the thrust: the machine squats as it pulls away,"
                                        + " and its weight shifting back adds to that"
                                : "chain and thrust together push the arm down by {} of the thrust: the machine stands up as it pulls"
                                        + " away, against its weight shifting back",
                        Quantity.share(Math.abs(presses))),
                where,
                why);
    }

    /** From the pivot up to the outer tangent of both sprockets, m. */
    private static double overThePivot(SwingArm arm, Vec3 front, double axleX, double axleZ, double r1, double r2) {
        double dx = front.x() - axleX;
        double dz = front.z() - axleZ;
        double centres = Math.hypot(dx, dz);
        double along = (r2 - r1) / centres;
        double across = Math.sqrt(1 - along * along) * Math.signum(dx);
        double nx = (along * dx - across * dz) / centres;
        double nz = (along * dz + across * dx) / centres;
        return nx * (axleX - arm.pivot().x()) + nz * (axleZ - arm.pivot().z()) + r2;
    }
}
