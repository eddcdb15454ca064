package oddcradle.core.step.host;

import static oddcradle.core.finding.Why.input;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.finding.Figure;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Step;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.job.host.FrameSquare;
import oddcradle.core.job.host.Host;
import oddcradle.core.job.tube.Condition;
import oddcradle.core.job.tube.Member;
import oddcradle.core.job.tube.Node;
import oddcradle.core.material.Material;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.ScanPlace;
import oddcradle.core.placement.Scans;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.report.StepReport;
import oddcradle.core.section.Tube;
import oddcradle.core.step.measured.ScanNotes;
import oddcradle.core.step.measured.SurveyNotes;
import oddcradle.core.strength.DentedTube;
import oddcradle.core.structure.HostMasses;
import oddcradle.core.survey.SurveyResult;
import oddcradle.core.units.Quantity;

/** What the host is: its tubes and their walls, and whether the frame stands square. */
public final class HostReport {
    /** Of the mean diagonal; common practice is 3 mm in a frame of a metre and a half. */
    private static final double OUT_OF_SQUARE = 0.002;

    private static final double TWISTED = 0.003;
    private static final double WORN = 0.75;

    private HostReport() {}

    /**
     * Everything that decides the report.
     *
     * @param readings of the host
     * @param place of its scan
     * @param scans as read
     */
    public record Input(
            Host host, List<Material> materials, SurveyResult readings, Optional<ScanPlace> place, Scans scans) {}

    public static StepReport of(Input input) {
        Host host = input.host();
        Map<String, Vec3> places = host.places();
        double mass = 0;
        double longest = 0;
        for (Member member : host.members()) {
            List<Vec3> path = member.nodes().stream().map(places::get).toList();
            double length = 0;
            for (int k = 1; k < path.size(); k++) {
                length += path.get(k).distanceTo(path.get(k - 1));
            }
            longest = Math.max(longest, length);
            mass += length
                    * member.remaining().area()
                    * member.madeOf(input.materials()).density();
        }
        Why counted = new Why("as entered", List.of(), Source.measured());
        ReportBuilder report = new ReportBuilder(Step.HOST);
        report.figures(List.of(
                new Figure("tubes", Quantity.count(host.members().size()), counted),
                new Figure(
                        "frame tubes weigh",
                        Quantity.mass(mass),
                        new Why("sum of A L rho", List.of(), Source.derived("sections and lengths"))),
                new Figure("longest tube", Quantity.length(longest), counted),
                new Figure("keep-outs", Quantity.count(host.keepOuts().size()), counted)));
        for (Node node : host.nodes()) {
            boolean used =
                    host.members().stream().anyMatch(member -> member.nodes().contains(node.id()));
            if (!used) {
                report.say(
                        HostFinding.LOOSE_NODE,
                        Severity.NOTE,
                        Phrase.of("node {} is on no tube", node.id()),
                        Place.of(Subject.node(node.id()), places.get(node.id())),
                        counted);
            }
        }
        masses(report, host, HostMasses.of(host, input.materials()));
        if (report.hasNoFinding()) {
            report.say(
                    HostFinding.NODES,
                    Severity.GOOD,
                    Phrase.of("every node of the frame is on a tube"),
                    Place.of(Subject.HOST),
                    new Why("checked when the job was read", List.of(), Source.derived("entered values")));
        }
        host.squares().forEach(square -> square(report, square, input.readings(), places));
        host.members().forEach(member -> wall(report, member, places));
        ScanNotes.add(report, host.scan(), input.place(), input.scans());
        SurveyNotes.add(report, Subject.HOST, places, input.readings());
        return report.report();
    }

    /** What the frame has to carry beside the donor; what nobody has told is missing in every load case. */
    private static void masses(ReportBuilder report, Host host, HostMasses masses) {
        if (host.members().isEmpty()) {
            return;
        }
        Why why = new Why(
                "weighed + what came onto it after that; its centre of gravity by first moments",
                List.of(),
                Source.measured());
        masses.whole()
                .ifPresentOrElse(
                        whole -> {
                            report.figure("machine without the donor weighs", Quantity.mass(whole.mass()), why);
                            report.figure(
                                    "its centre of gravity, forward",
                                    Quantity.length(whole.cg().x()),
                                    why);
                            report.figure(
                                    "its centre of gravity, up",
                                    Quantity.length(whole.cg().z()),
                                    why);
                        },
                        () -> report.say(
                                HostFinding.UNWEIGHED,
                                Severity.WATCH,
                                Phrase.of(
                                        "nobody has weighed the machine or listed what it carries: load cases know of no people, fuel"
                                                + " or wheels; weigh it, or list them under Masses"),
                                Place.of(Subject.HOST),
                                why));
        masses.unlisted()
                .filter(left -> left < 0)
                .ifPresent(left -> report.say(
                        HostFinding.MASSES,
                        Severity.WATCH,
                        Phrase.of(
                                "tubes and listed masses weigh {} more than the scales said; mark what came onto the machine after it"
                                        + " was weighed, or weigh again",
                                Quantity.mass(-left)),
                        Place.of(Subject.HOST),
                        new Why("tubes + listed as weighed - weighed", List.of(), Source.measured())));
    }

    private static void square(
            ReportBuilder report, FrameSquare square, SurveyResult survey, Map<String, Vec3> places) {
        Squareness shape = Squareness.of(square.corners().stream()
                .map(id -> SurveyNotes.known(survey, id).orElseGet(() -> places.get(id)))
                .toList());
        String worst = square.corners().get(shape.worstCorner());
        Place where = Place.of(Subject.node(worst), places.get(worst));
        Why why = new Why(
                "D1 - D2; corner angle less 90°; height of the corner over the plane of the other three",
                List.of(
                        input("D1", Quantity.length(shape.firstDiagonal())),
                        input("D2", Quantity.length(shape.secondDiagonal())),
                        input("corner off 90° by", Quantity.angle(shape.worstAngle()))),
                Source.commonPractice());
        report.figure(square.label() + ": diagonals differ by", Quantity.length(shape.difference()), why);
        report.figure(square.label() + ": twist", Quantity.length(shape.twist()), why);
        double allowed = OUT_OF_SQUARE * (shape.firstDiagonal() + shape.secondDiagonal()) / 2;
        boolean isSquare = Math.abs(shape.difference()) <= allowed;
        report.atMost(
                HostFinding.SQUARE,
                isSquare ? Severity.GOOD : Severity.WATCH,
                isSquare
                        ? Phrase.of(
                                "{} is square: its diagonals differ by {}",
                                square.label(),
                                Quantity.length(Math.abs(shape.difference())))
                        : Phrase.of(
                                "{} is out of square: its diagonals differ by {}, worst at corner {}, {} off 90°",
                                square.label(),
                                Quantity.length(Math.abs(shape.difference())),
                                worst,
                                Quantity.angle(Math.abs(shape.worstAngle()))),
                Quantity.length(shape.difference()),
                Quantity.length(allowed),
                where,
                why);
        if (Math.abs(shape.twist()) > TWISTED) {
            String lifted = square.corners().get(shape.liftedCorner());
            report.atMost(
                    HostFinding.TWIST,
                    Severity.WATCH,
                    Phrase.of(
                            "{} is twisted: corner {} stands {} {} the plane of the other three",
                            square.label(),
                            lifted,
                            Quantity.length(Math.abs(shape.twist())),
                            shape.twist() > 0 ? "above" : "below"),
                    Quantity.length(shape.twist()),
                    Quantity.length(TWISTED),
                    Place.of(Subject.node(lifted), places.get(lifted)),
                    why);
        }
    }

    /** A dented tube folds early where it is pressed; one that is dented deeper than the formulas go is not worked out, it is replaced. */
    private static void dent(ReportBuilder report, Member member, Map<String, Vec3> places) {
        double depth = member.condition().map(Condition::dentDepth).orElse(0.0);
        if (depth <= 0) {
            return;
        }
        double wall = member.remaining().wall();
        DentedTube left = DentedTube.of(depth, wall);
        boolean meant = member.section() instanceof Tube
                && DentedTube.isMeant(depth, wall, 2 * member.section().outerRadius());
        report.say(
                HostFinding.DENT,
                meant ? Severity.WATCH : Severity.STOP,
                meant
                        ? Phrase.of(
                                "{} has a dent {} deep: pressed it bears {}, bent {} of what it bore; every stress is held against that",
                                member.id(),
                                Quantity.length(depth),
                                Quantity.share(left.asColumn()),
                                Quantity.share(left.bent()))
                        : Phrase.of(
                                "{} has a dent {} deep, more than can be worked out; replace that piece, or sleeve it",
                                member.id(),
                                Quantity.length(depth)),
                Place.of(Subject.tube(member.id()), places.get(member.first())),
                new Why(
                        "exp(-0.08 h/t) as a column, exp(-0.06 h/t) bent, of round tubes; up to ten walls and 0.3 of the diameter",
                        List.of(input("h", Quantity.length(depth)), input("t, left", Quantity.length(wall))),
                        Source.fromMemory("ISO 19902, 13.7.3")));
    }

    private static void wall(ReportBuilder report, Member member, Map<String, Vec3> places) {
        if (member.condition().isEmpty()) {
            return;
        }
        dent(report, member, places);
        double share = member.remaining().area() / member.section().area();
        Quantity left = Quantity.length(member.condition().get().remainingWall());
        report.atLeast(
                HostFinding.WALL,
                share < WORN ? Severity.WATCH : Severity.NOTE,
                Phrase.of(
                        share < WORN
                                ? "{} has {} of wall left, {} of its metal; replace it or sleeve it"
                                : "{} has {} of wall left, {} of its metal; every stress is worked out with that wall",
                        member.id(),
                        left,
                        Quantity.share(share)),
                Quantity.share(share),
                Quantity.share(WORN),
                Place.of(Subject.tube(member.id()), places.get(member.first())),
                new Why(
                        "measured wall less the deepest pit",
                        List.of(
                                input(
                                        "wall",
                                        Quantity.length(member.condition().get().wall())),
                                input(
                                        "pit",
                                        Quantity.length(member.condition().get().pit()))),
                        Source.measured()));
    }
}
