package oddcradle.core.step.line;

import static oddcradle.core.finding.Why.input;

import java.util.List;
import oddcradle.core.drive.Alignment;
import oddcradle.core.drive.Stage;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.structure.StageResult;
import oddcradle.core.units.Quantity;

/** How the two wheels of a chain or belt lie to each other. */
public final class PlaneNotes {
    /** Offset per centre distance: of a chain or toothed belt, and of a rubber V-belt. */
    private static final double STRICT = 1.0 / 200;

    private static final double LENIENT = 1.0 / 100;
    private static final double MOST_ANGLE = Math.toRadians(0.5);

    private PlaneNotes() {}

    /** Named by the stage, between the middles of its wheels. */
    static Place place(StageResult result) {
        return new Place(
                List.of(Subject.stage(result.stage().id())),
                List.of(result.driving().sprocketCentre(), result.driven().sprocketCentre()));
    }

    public static double offsetShare(Stage stage) {
        boolean strict = stage instanceof Stage.Chain || stage instanceof Stage.Belt belt && belt.toothed();
        return strict ? STRICT : LENIENT;
    }

    static void add(ReportBuilder report, StageResult result, Place where) {
        Alignment alignment = result.alignment();
        String name = result.stage().label();
        Quantity offset = Quantity.length(alignment.offset());
        Quantity size = Quantity.length(Math.abs(alignment.offset()));
        double share = offsetShare(result.stage());
        Quantity limit = Quantity.length(alignment.centreDistance() * share);
        Why why = new Why(
                "offset = (c2 - c1) · a1, at most C / " + Math.round(1 / share),
                List.of(input("offset", offset), input("C", Quantity.length(alignment.centreDistance()))),
                Source.commonPractice());
        report.figure(name + ": planes apart", offset, why);
        report.atMost(
                LineFinding.OFFSET,
                Severity.STOP,
                offset,
                limit,
                Phrase.of("{}: its planes are {} apart, within {}", name, size, limit),
                Phrase.of("{}: its planes are {} apart; {} is the most at this distance", name, size, limit),
                where,
                why);
        Quantity angle = Quantity.angle(alignment.angular());
        Why angleWhy = new Why(
                "angle between the shafts, at most 0.5°; toe along the centres, twist about them",
                List.of(
                        input("toe", Quantity.angle(alignment.toe())),
                        input("twist", Quantity.angle(alignment.twist()))),
                Source.commonPractice());
        report.figure(name + ": shafts out of parallel", angle, angleWhy);
        report.atMost(
                LineFinding.ANGLE,
                Severity.STOP,
                angle,
                Quantity.angle(MOST_ANGLE),
                Phrase.of("{}: its shafts are parallel to {}", name, angle),
                Phrase.of("{}: its shafts are {} out of parallel; it would climb off", name, angle),
                where,
                angleWhy);
        report.figure(
                name + ": centre distance",
                Quantity.length(alignment.centreDistance()),
                new Why(
                        "C = |c2 - c1| in the first wheel's plane",
                        List.of(),
                        Source.derived("geometry of two shafts")));
    }
}
