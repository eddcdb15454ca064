package oddcradle.core.step.line;

import static oddcradle.core.finding.Why.input;

import java.util.List;
import oddcradle.core.drive.Alignment;
import oddcradle.core.drive.JointPair;
import oddcradle.core.drive.Stage;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Why;
import oddcradle.core.math.Vec3;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.structure.StageResult;
import oddcradle.core.units.Quantity;

/** What is to be said of shafts that follow each other: through a coupling, or through a shaft with two joints. */
final class CoaxialNotes {
    private static final double MOST_SWING = 0.01;
    private static final Source JOINTS = Source.fromMemory("universal joint handbooks, second-order wobble");

    private CoaxialNotes() {}

    static void add(ReportBuilder report, Stage.Coupling coupling, StageResult result) {
        Place where = PlaneNotes.place(result);
        Alignment alignment = result.alignment();
        Quantity radial = Quantity.length(alignment.centreDistance());
        Quantity radialLimit = Quantity.length(coupling.radialAllowance());
        Why why = new Why(
                "distance of the driven end from the output's axis, against the coupling's allowance",
                List.of(input("allowance", radialLimit)),
                Source.measured());
        report.figure("shaft centres apart", radial, why);
        report.atMost(
                LineFinding.RADIAL,
                Severity.STOP,
                radial,
                radialLimit,
                Phrase.of("{}: shaft centres are {} apart, within {}", coupling.label(), radial, radialLimit),
                Phrase.of("{}: shaft centres are {} apart; it takes {}", coupling.label(), radial, radialLimit),
                where,
                why);
        Quantity angle = Quantity.angle(alignment.angular());
        Quantity angleLimit = Quantity.angle(coupling.angularAllowance());
        Why angleWhy = new Why(
                "angle between the shafts, against the coupling's allowance",
                List.of(input("allowance", angleLimit)),
                Source.measured());
        report.figure("shafts out of parallel", angle, angleWhy);
        report.atMost(
                LineFinding.COUPLING_ANGLE,
                Severity.STOP,
                angle,
                angleLimit,
                Phrase.of("{}: its shafts are parallel to {}", coupling.label(), angle),
                Phrase.of("{}: its shafts are {} out of parallel; it takes {}", coupling.label(), angle, angleLimit),
                where,
                angleWhy);
        report.figure(
                "gap between the shaft ends",
                Quantity.length(alignment.offset()),
                new Why("(c2 - c1) · a1", List.of(), Source.derived("two shafts")));
    }

    static void add(ReportBuilder report, Stage.JointShaft shaft, StageResult result) {
        Place where = PlaneNotes.place(result);
        Vec3 way = result.driven().sprocketCentre().minus(result.driving().sprocketCentre());
        if (way.length() == 0) {
            report.say(
                    LineFinding.NO_SHAFT,
                    Severity.STOP,
                    Phrase.of("{}: both its ends lie in one place; set the driven end apart", shaft.label()),
                    where,
                    new Why("length > 0", List.of(), Source.derived("two shafts")));
            return;
        }
        Vec3 input = along(result.driving().direction(), way);
        Vec3 output = along(result.driven().direction(), way);
        JointPair pair = JointPair.of(input, way.unit(), output, shaft.phase());
        Why why = new Why(
                "angles of the shaft to the two it joins",
                List.of(
                        input("first", Quantity.angle(pair.firstAngle())),
                        input("second", Quantity.angle(pair.secondAngle()))),
                Source.derived("three shafts"));
        report.figure(shaft.label() + ": first joint bends", Quantity.angle(pair.firstAngle()), why);
        report.figure(shaft.label() + ": second joint bends", Quantity.angle(pair.secondAngle()), why);
        Quantity worst = Quantity.angle(Math.max(pair.firstAngle(), pair.secondAngle()));
        Quantity most = Quantity.angle(shaft.largestAngle());
        report.atMost(
                LineFinding.JOINT_ANGLE,
                Severity.STOP,
                worst,
                most,
                Phrase.of("{}: its joints bend {} at most, within {}", shaft.label(), worst, most),
                Phrase.of("{}: a joint bends {}; it takes {}", shaft.label(), worst, most),
                where,
                why);
        if (shaft.constantVelocity()) {
            return;
        }
        Quantity swing = Quantity.share(pair.swing());
        Why swingWhy = new Why(
                "1 / cos b - cos b, b^2 = |b1^2 - b2^2 e^(2 i psi)|",
                List.of(
                        input("b1", Quantity.angle(pair.firstAngle())),
                        input("b2", Quantity.angle(pair.secondAngle())),
                        input("best phase", Quantity.angle(pair.bestPhase()))),
                JOINTS);
        report.figure(shaft.label() + ": output speed swings by", swing, swingWhy);
        report.atMost(
                LineFinding.JOINT_SWING,
                Severity.WATCH,
                swing,
                Quantity.share(MOST_SWING),
                Phrase.of("{}: the joints cancel each other to {}", shaft.label(), swing),
                Phrase.of(
                        "{}: the output's speed swings by {} twice a turn; equal joint angles, and the second yoke turned {}"
                                + " against the first, cancel it",
                        shaft.label(),
                        swing,
                        Quantity.angle(pair.bestPhase())),
                where,
                swingWhy);
    }

    private static Vec3 along(Vec3 direction, Vec3 way) {
        return direction.dot(way) < 0 ? direction.negated() : direction;
    }
}
