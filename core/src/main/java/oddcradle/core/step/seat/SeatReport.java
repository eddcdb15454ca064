package oddcradle.core.step.seat;

import static oddcradle.core.finding.Why.input;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import oddcradle.core.clearance.ClearanceLedger;
import oddcradle.core.clearance.Gap;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Step;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.job.body.Part;
import oddcradle.core.job.donor.Service;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.Seating;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.report.StepReport;
import oddcradle.core.structure.LineResult;
import oddcradle.core.units.Quantity;

/** Where the donor sits: gaps all round and the height of its weight. */
public final class SeatReport {
    private static final int GOOD_GAPS_TOLD = 3;

    private SeatReport() {}

    /**
     * Everything that decides the report.
     *
     * @param services what must come off with the donor in its place
     * @param parts of the donor, its own axes
     * @param neighbours what must follow the seat
     */
    public record Input(
            List<Service> services,
            List<Part> parts,
            Seating seating,
            LineResult line,
            ClearanceLedger ledger,
            List<NeighbourChecks.NeighbourCheck> neighbours) {
        /** What a body of the ledger is in the job. */
        private Subject subject(String id) {
            if (parts.stream().anyMatch(part -> part.id().equals(id))) {
                return Subject.part(id);
            }
            if (seating.tubes().containsKey(id)) {
                return Subject.tube(id);
            }
            return line.stage(id).isPresent() ? Subject.stage(id) : Subject.body(id);
        }
    }

    public static StepReport of(Input input) {
        Seating seating = input.seating();
        ClearanceLedger ledger = input.ledger();
        ReportBuilder report = new ReportBuilder(Step.SEAT);
        int tooNear =
                (int) ledger.near().stream().filter(gap -> gap.margin() < 0).count();
        List<Gap> told = ledger.worst(tooNear + GOOD_GAPS_TOLD);
        told.forEach(gap -> gap(report, input, gap));
        ServiceRoom.add(report, input.services(), input.parts(), seating.pose(), ledger.obstacles());
        report.findings(input.neighbours().stream()
                .map(NeighbourChecks.NeighbourCheck::finding)
                .toList());
        if (told.isEmpty()) {
            report.say(
                    SeatFinding.NO_PAIRS,
                    Severity.NOT_CHECKED,
                    Phrase.of("no gap can be measured: the donor has no solids, or there is nothing round it"),
                    Place.of(Subject.SEAT),
                    new Why("number of pairs = 0", List.of(), Source.derived("parts and obstacles")));
        } else {
            Gap smallest = ledger.near().stream()
                    .min(Comparator.comparingDouble(gap -> gap.separation().distance()))
                    .orElse(told.get(0));
            report.figure("smallest gap", length(smallest), why(smallest));
            if (tooNear > 0) {
                report.figure("largest shortfall", Quantity.length(-told.get(0).margin()), why(told.get(0)));
            }
        }
        Vec3 cg = seating.mass().cg();
        report.figure(
                "weight sits above datum",
                Quantity.length(cg.z()),
                new Why("z of R cg + t", List.of(), Source.derived("pose of the donor")));
        report.figure(
                "donor mass",
                Quantity.mass(seating.mass().mass()),
                new Why("as weighed", List.of(), Source.measured()));
        return report.report();
    }

    private static Quantity length(Gap gap) {
        return Quantity.length(gap.separation().distance());
    }

    private static Why why(Gap gap) {
        List<Why.Input> inputs = new ArrayList<>();
        inputs.add(input("at rest", length(gap)));
        gap.allowances().forEach(each -> inputs.add(input(each.why(), Quantity.length(each.amount()))));
        inputs.add(input("room", Quantity.length(gap.limit())));
        inputs.add(input("uncertainty", Quantity.length(gap.sigma())));
        return new Why(
                "shortest distance, less what it draws nearer by; it has to keep the room of " + gap.nature(),
                inputs,
                gap.rule().source());
    }

    /** A gap that closes, or to less than half its room, is a stop; one that is short otherwise is looked at again. */
    public static Severity severity(Gap gap) {
        if (gap.margin() >= 0) {
            return Severity.GOOD;
        }
        return gap.left() <= 0 || gap.left() < gap.limit() / 2 ? Severity.STOP : Severity.WATCH;
    }

    private static void gap(ReportBuilder report, Input input, Gap gap) {
        boolean clash = gap.separation().overlap();
        boolean touches = gap.left() <= 0;
        boolean short_ = gap.margin() < 0;
        Severity severity = severity(gap);
        String part = gap.donorPart().label();
        String obstacle = gap.obstacle().label();
        Quantity limit = Quantity.length(gap.limit());
        Quantity moves = Quantity.length(gap.movement());
        Quantity left = Quantity.length(gap.left());
        boolean still = gap.allowances().isEmpty();
        Phrase what = clash
                ? Phrase.of(
                        "{} runs {} into {}",
                        part,
                        Quantity.length(-gap.separation().distance()),
                        obstacle)
                : still
                        ? Phrase.of(
                                short_ ? "{} to {} {}; {} needs {}" : "{} to {} {}, {} needs {}",
                                part,
                                obstacle,
                                length(gap),
                                gap.nature(),
                                limit)
                        : touches
                                ? Phrase.of(
                                        "{} to {} {}, but moves {}: it strikes ({})",
                                        part,
                                        obstacle,
                                        length(gap),
                                        moves,
                                        gap.allowances().get(0).why())
                                : Phrase.of(
                                        "{} to {} {}, {} when it moves; {} needs {}",
                                        part,
                                        obstacle,
                                        length(gap),
                                        left,
                                        gap.nature(),
                                        limit);
        report.atLeast(
                SeatFinding.GAP,
                severity,
                what,
                left,
                limit,
                Place.between(
                        input.subject(gap.donorPart().id()),
                        gap.separation().pointA(),
                        input.subject(gap.obstacle().id()),
                        gap.separation().pointB()),
                why(gap));
    }
}
