package oddcradle.core.step.seat;

import static oddcradle.core.finding.Why.input;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import oddcradle.core.clearance.Body;
import oddcradle.core.clearance.ClearanceLedger;
import oddcradle.core.clearance.Gap;
import oddcradle.core.clearance.PairRules;
import oddcradle.core.finding.Figure;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Step;
import oddcradle.core.finding.Why;
import oddcradle.core.job.Job;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.Bodies;
import oddcradle.core.placement.Seating;
import oddcradle.core.placement.Surveyed;
import oddcradle.core.report.StepReport;
import oddcradle.core.structure.DonorMovement;
import oddcradle.core.structure.DriveBodies;
import oddcradle.core.structure.LineResult;
import oddcradle.core.units.Quantity;

/** Where the donor sits: gaps all round and the height of its weight. */
public final class SeatReport {
    private static final int GOOD_GAPS_TOLD = 3;

    private SeatReport() {}

    /** @param scan the donor's scanned surface, as one more body */
    public static ClearanceLedger solve(
            Job job, Seating seating, LineResult line, DonorMovement movement, Surveyed surveyed, Optional<Body> scan) {
        List<Body> donor = new ArrayList<>(Bodies.donorParts(job, seating.pose()));
        scan.ifPresent(donor::add);
        List<Body> obstacles = Bodies.obstacles(job, seating);
        List<Body> drive = DriveBodies.bodies(job, line);
        PairRules rules = new GapRules(job, seating, line, movement, surveyed, donor, obstacles);
        return ClearanceLedger.of(joined(donor, drive), joined(obstacles, drive), rules);
    }

    private static List<Body> joined(List<Body> some, List<Body> others) {
        List<Body> all = new ArrayList<>(some);
        all.addAll(others);
        return all;
    }

    /** With the donor standing still: what its rubber gives is left out. */
    public static ClearanceLedger atRest(Job job) {
        Seating seating = Seating.of(job);
        return atRest(job, seating, LineResult.of(job, seating));
    }

    public static ClearanceLedger atRest(Job job, Seating seating, LineResult line) {
        return solve(job, seating, line, DonorMovement.NONE, Surveyed.BY_TAPE_ALONE, Optional.empty());
    }

    public static StepReport report(
            Job job, Seating seating, ClearanceLedger ledger, List<NeighbourChecks.NeighbourCheck> neighbourChecks) {
        List<Figure> figures = new ArrayList<>();
        List<Finding> findings = new ArrayList<>();
        int tooNear =
                (int) ledger.near().stream().filter(gap -> gap.margin() < 0).count();
        List<Gap> told = ledger.worst(tooNear + GOOD_GAPS_TOLD);
        told.forEach(gap -> findings.add(finding(gap)));
        findings.addAll(ServiceRoom.findings(job, seating, ledger.obstacles()));
        neighbourChecks.forEach(each -> findings.add(each.finding()));
        if (told.isEmpty()) {
            findings.add(Finding.statement(
                    "seat.no-pairs",
                    Step.SEAT,
                    Severity.NOT_CHECKED,
                    Phrase.of("no gap can be measured: the donor has no solids, or there is nothing round it"),
                    Place.NOWHERE,
                    new Why("number of pairs = 0", List.of(), Source.derived("parts and obstacles"))));
        } else {
            Gap smallest = ledger.near().stream()
                    .min(Comparator.comparingDouble(gap -> gap.separation().distance()))
                    .orElse(told.get(0));
            figures.add(new Figure("smallest gap", length(smallest), why(smallest)));
            if (tooNear > 0) {
                figures.add(new Figure(
                        "largest shortfall", Quantity.length(-told.get(0).margin()), why(told.get(0))));
            }
        }
        Vec3 cg = seating.mass().cg();
        figures.add(new Figure(
                "weight sits above datum",
                Quantity.length(cg.z()),
                new Why("z of R cg + t", List.of(), Source.derived("pose of the donor"))));
        figures.add(new Figure(
                "donor mass",
                Quantity.mass(seating.mass().mass()),
                new Why("as weighed", List.of(), Source.measured())));
        return new StepReport(Step.SEAT, figures, findings);
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

    private static Finding finding(Gap gap) {
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
        return Finding.atLeast(
                "seat.gap",
                Step.SEAT,
                severity,
                what,
                left,
                limit,
                Place.between(
                        gap.donorPart().id(),
                        gap.separation().pointA(),
                        gap.obstacle().id(),
                        gap.separation().pointB()),
                why(gap));
    }
}
