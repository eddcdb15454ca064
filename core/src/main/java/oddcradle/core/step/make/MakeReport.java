package oddcradle.core.step.make;

import static oddcradle.core.finding.Why.input;

import java.util.List;
import java.util.stream.Collectors;
import oddcradle.core.finding.Figure;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Step;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.job.make.Build;
import oddcradle.core.placement.Seating;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.report.StepReport;
import oddcradle.core.shop.CopeHeader;
import oddcradle.core.units.Quantity;

/**
 * True lengths and copes of the cradle's tubes. A tube that runs through a node, or is listed before the others that end
 * there, runs on; the others are coped to it, and all are coped to the host tube they land on.
 */
public final class MakeReport {
    /** Nobody buys tube by the tenth of a millimetre: whole centimetres, as pieces of a metre. */
    private static final double BOUGHT_BY = 100;

    private static final double STRAIGHT = Math.toRadians(0.5);
    /** A branch this near to parallel with its header has no cope worth cutting. */
    private static final double LEAST_ANGLE = Math.toRadians(15);

    private static final double SHORTEST = 0.025;
    /** A tube of which less than half is left all along is no tube, share of its round. */
    private static final double MOST_CUT_AWAY = 0.5;

    private static final Source COPE = Source.derived("line and cylinder intersection");

    private MakeReport() {}

    /**
     * Everything that decides the report.
     *
     * @param build kerf, stock and tools
     */
    public record Input(Build build, Seating seating, List<CutTube> tubes) {}

    public static StepReport of(Input input) {
        List<CutTube> tubes = input.tubes();
        Seating seating = input.seating();
        ReportBuilder report = new ReportBuilder(Step.MAKE);
        double length = 0;
        double mass = 0;
        int copes = 0;
        for (CutTube tube : tubes) {
            length += tube.cutLength() + input.build().kerf();
            mass += tube.mass();
            for (TubeEnd end : List.of(tube.first(), tube.last())) {
                copes += end.cope().isPresent() ? 1 : 0;
                shallow(report, seating, tube, end);
                wider(report, seating, tube, end);
            }
            straightness(report, tube);
            shortness(report, tube);
            through(report, tube);
        }
        report.figure(
                "tube to buy, kerfs in",
                Quantity.length(Math.ceil(length * BOUGHT_BY) / BOUGHT_BY),
                new Why(
                        "sum of cut lengths and kerfs, up to the next centimetre",
                        List.of(input("kerf", Quantity.length(input.build().kerf()))),
                        COPE));
        report.figure("cradle tubes weigh", Quantity.mass(mass), new Why("A L rho", List.of(), COPE));
        report.figure("copes to cut", Quantity.count(copes), new Why("ends that land on a tube", List.of(), COPE));
        report.figures(tubes.stream().map(MakeReport::lengthFigure).toList());
        if (report.hasNoFinding()) {
            report.say(
                    MakeFinding.READY,
                    Severity.GOOD,
                    Phrase.of(
                            "{} tubes with {} copes are ready to print",
                            Integer.toString(tubes.size()),
                            Integer.toString(copes)),
                    Place.of(Subject.CRADLE),
                    new Why("every end that lands on a tube has a wrap", List.of(), COPE));
        }
        return report.report();
    }

    private static Figure lengthFigure(CutTube tube) {
        return new Figure(
                tube.tube().named() + " cut length",
                Quantity.length(tube.cutLength()),
                new Why(
                        "node to node plus what each end reaches past its node",
                        List.of(
                                input("node to node", Quantity.length(tube.nodeLength())),
                                input("first end", Quantity.length(tube.first().reach())),
                                input("last end", Quantity.length(tube.last().reach()))),
                        COPE));
    }

    private static void shallow(ReportBuilder report, Seating seating, CutTube tube, TubeEnd end) {
        boolean lands = !end.landsOn().isEmpty();
        boolean missing = lands && end.cope().isEmpty() && !end.bolted();
        double radius = tube.tube().section().outerRadius();
        boolean shallow = end.cope().isPresent() && end.cope().get().notchDepth() > 2 * radius / Math.tan(LEAST_ANGLE);
        if (missing || shallow) {
            report.say(
                    MakeFinding.SHALLOW,
                    Severity.WATCH,
                    Phrase.of(
                            "{} lands on {} at less than 15°: the cope is a long feather edge; turn the tube or use a"
                                    + " gusset",
                            tube.tube().named(),
                            end.landsOn().stream()
                                    .map(id -> seating.tube(id).named())
                                    .collect(Collectors.joining(", "))),
                    Place.of(Subject.tube(tube.tube().id()), end.at()),
                    new Why("angle between the two centre lines", List.of(), Source.commonPractice()));
        }
    }

    private static void wider(ReportBuilder report, Seating seating, CutTube tube, TubeEnd end) {
        if (end.cope().filter(cope -> !cope.meetsAllRound()).isPresent() || isOverAnEnd(seating, tube, end)) {
            report.say(
                    MakeFinding.WIDER,
                    Severity.WATCH,
                    Phrase.of(
                            "{} stands over the side of {} that it sits on: the weld has nothing to land on there; take a narrower tube or"
                                    + " put a plate between them",
                            tube.tube().named(),
                            end.landsOn().stream()
                                    .map(id -> seating.tube(id).named())
                                    .collect(Collectors.joining(", "))),
                    Place.of(Subject.tube(tube.tube().id()), end.at()),
                    new Why("lines of the tube that meet none of them", List.of(), COPE));
        }
    }

    /** Butted on the end of a narrower one. */
    private static boolean isOverAnEnd(Seating seating, CutTube tube, TubeEnd end) {
        for (int k = 0; k < end.headers().size(); k++) {
            double other = seating.tube(end.landsOn().get(k)).section().outerRadius();
            if (end.headers().get(k) instanceof CopeHeader.Face
                    && tube.tube().section().outerRadius() > other * (1 + 1e-9)) {
                return true;
            }
        }
        return false;
    }

    private static void straightness(ReportBuilder report, CutTube tube) {
        if (tube.corner() > STRAIGHT) {
            report.say(
                    MakeFinding.BEND,
                    Severity.WATCH,
                    Phrase.of(
                            "{} changes direction by {} at an inner joint and has no bend radius: it has to be cut and welded there;"
                                    + " give it the radius of a die, or make two tubes of it",
                            tube.tube().named(),
                            Quantity.angle(tube.corner())),
                    Place.of(Subject.tube(tube.tube().id()), tube.first().at()),
                    new Why("angle between the pieces", List.of(), COPE));
        }
    }

    /** Copes that meet leave a wedge, and then two loose halves. */
    private static void through(ReportBuilder report, CutTube tube) {
        double away = tube.cutAway();
        if (away > 0) {
            report.say(
                    MakeFinding.CUT_THROUGH,
                    away > MOST_CUT_AWAY ? Severity.STOP : Severity.WATCH,
                    Phrase.of(
                            "the cuts of {} meet over {} of its round: its shortest side would be {}; land it farther off, or leave it out",
                            tube.tube().named(),
                            Quantity.share(away),
                            Quantity.length(tube.shortestSide())),
                    Place.of(Subject.tube(tube.tube().id()), tube.first().at()),
                    new Why("node to node less both cuts, line by line", List.of(), COPE));
        }
    }

    private static void shortness(ReportBuilder report, CutTube tube) {
        if (tube.cutLength() < SHORTEST) {
            report.say(
                    MakeFinding.SHORT,
                    Severity.STOP,
                    Phrase.of(
                            "{} would be {} long: too short to hold and weld; land it elsewhere or leave it out",
                            tube.tube().named(),
                            Quantity.length(tube.cutLength())),
                    Place.of(Subject.tube(tube.tube().id()), tube.first().at()),
                    new Why("cut length", List.of(), Source.commonPractice()));
        }
    }
}
