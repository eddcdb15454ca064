package oddcradle.core.step.fit;

import static oddcradle.core.finding.Why.input;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.drive.ShaftDials.Dial;
import oddcradle.core.drive.Stage;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.job.Job;
import oddcradle.core.job.fit.ShaftReading;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.units.Quantity;

/** What dials say of the line. */
final class ShaftNotes {
    /** Opposite readings of one dial add up to the same both ways, but for this, m; common practice. */
    private static final double DIAL_AGREES = 0.00005;

    private static final Why DIALS =
            new Why("top + bottom = left + right on a rim that runs true", List.of(), Source.commonPractice());

    private ShaftNotes() {}

    static void add(ReportBuilder report, Job job, LineFound line) {
        for (ShaftsFound found : line.shafts()) {
            job.line().stages().stream()
                    .filter(each -> each.id().equals(found.reading().stage()))
                    .findFirst()
                    .ifPresent(stage -> shafts(report, stage, found));
        }
    }

    private static Map<String, Dial> dials(ShaftReading reading) {
        if (reading instanceof ShaftReading.RimAndFace both) {
            return Map.of("rim", both.rim(), "face", both.face());
        }
        if (reading instanceof ShaftReading.StepAndGaps feelers) {
            return Map.of("gaps", feelers.gaps());
        }
        ShaftReading.TwoDials two = (ShaftReading.TwoDials) reading;
        return Map.of("dial on the donor's hub", two.onDonor(), "dial on the other hub", two.onDriven());
    }

    private static void shafts(ReportBuilder report, Stage stage, ShaftsFound found) {
        Place where = Place.of(Subject.stage(stage.id()));
        dials(found.reading()).entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .forEach(each -> dial(report, found.reading(), each.getKey(), each.getValue(), where));
        Quantity apart = Quantity.fine(found.apart());
        Quantity angle = Quantity.angle(found.angle());
        Why why = new Why(
                "half of top less bottom, and of left less right; slope by face or by the second dial; less what the shafts rise warm",
                List.of(
                        input(
                                "donor's shaft high by",
                                Quantity.fine(found.lies().vertical().offset())),
                        input("wanted cold", Quantity.fine(found.wanted())),
                        input(
                                "to the left by",
                                Quantity.fine(found.lies().horizontal().offset())),
                        input(
                                "opens up, a metre",
                                Quantity.fine(found.lies().vertical().slope())),
                        input(
                                "opens to the left, a metre",
                                Quantity.fine(found.lies().horizontal().slope()))),
                Source.commonPractice());
        report.figure(found.reading().id() + ": shafts apart", apart, why);
        report.figure(found.reading().id() + ": shafts at an angle of", angle, why);
        for (String mount : found.reach().keySet().stream().sorted().toList()) {
            report.figure(found.reading().id() + ": lift " + mount + " by", Quantity.fine(found.lift(mount)), why);
            report.figure(found.reading().id() + ": move " + mount + " left by", Quantity.fine(found.move(mount)), why);
        }
        Optional<Stage.Coupling> coupling = stage instanceof Stage.Coupling each ? Optional.of(each) : Optional.empty();
        coupling.ifPresent(takes -> {
            boolean good = found.apart() <= takes.radialAllowance() && found.angle() <= takes.angularAllowance();
            report.say(
                    FitFinding.SHAFTS,
                    good ? Severity.GOOD : Severity.STOP,
                    Phrase.of(
                            good
                                    ? "{}: its shafts are {} apart and {} at an angle, cold; within its {} and {}"
                                    : "{}: its shafts are {} apart and {} at an angle, cold; it takes {} and {}",
                            takes.label(),
                            apart,
                            angle,
                            Quantity.fine(takes.radialAllowance()),
                            Quantity.angle(takes.angularAllowance())),
                    where,
                    why);
        });
    }

    private static void dial(ReportBuilder report, ShaftReading reading, String name, Dial dial, Place where) {
        String id = reading.id();
        double differ = Math.abs(dial.top() + dial.bottom() - dial.left() - dial.right());
        if (differ > DIAL_AGREES) {
            report.atMost(
                    FitFinding.DIAL,
                    Severity.WATCH,
                    Phrase.of(
                            "{}, {}: top and bottom add up to {} more or less than left and right; the dial slipped, was read wrongly, or the hub is not round: turn it once more",
                            id,
                            name,
                            Quantity.fine(differ)),
                    Quantity.fine(differ),
                    Quantity.fine(DIAL_AGREES),
                    where,
                    DIALS);
        }
        if (Math.abs(dial.top()) > DIAL_AGREES && !(reading instanceof ShaftReading.StepAndGaps)) {
            report.say(
                    FitFinding.DIAL,
                    Severity.NOTE,
                    Phrase.of(
                            "{}, {}: it was not set to zero at the top ({}); only differences count, so it is taken as read",
                            id,
                            name,
                            Quantity.fine(dial.top())),
                    where,
                    DIALS);
        }
    }
}
