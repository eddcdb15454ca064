package oddcradle.core.step.load;

import static oddcradle.core.finding.Why.input;

import java.util.Comparator;
import java.util.List;
import oddcradle.core.drive.Stage;
import oddcradle.core.finding.Outcome;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Step;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.frame.CaseResult;
import oddcradle.core.frame.FrameResult;
import oddcradle.core.frame.MemberResult;
import oddcradle.core.frame.NodeMovement;
import oddcradle.core.frame.Reaction;
import oddcradle.core.frame.input.ElasticMount;
import oddcradle.core.job.line.Line;
import oddcradle.core.job.load.Level;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.job.tube.Member;
import oddcradle.core.material.Material;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.Seating;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.report.StepReport;
import oddcradle.core.strength.Column;
import oddcradle.core.structure.CaseVariants;
import oddcradle.core.structure.CradleFrame;
import oddcradle.core.structure.TubeStress;
import oddcradle.core.structure.TubeStresses;
import oddcradle.core.units.Quantity;

/** Whether the tubes hold: every tube in every case against yield, yield beside its welds, and as a column. */
public final class LoadReport {
    private static final Source FRAME =
            Source.fromMemory("Przemieniecki, Theory of Matrix Structural Analysis, 1968; von Mises");
    private static final Source COLUMN = Source.fromMemory("ANSI/AISC 360-16, E3 and H1");
    private static final int GOOD_TUBES_TOLD = 2;
    private static final double MOST_DRIVER_MOVEMENT = 0.010;

    private LoadReport() {}

    /**
     * Everything that decides the report.
     *
     * @param cases with their variants
     * @param own the job's own, those that are off among them
     * @param afloat whether nothing of the machine is said to stand on the ground
     * @param yieldFactor that stresses keep from yielding
     * @param mounts of the frame
     * @param frame as solved
     * @param stresses of every tube in its worst case, the hardest worked first
     */
    public record Input(
            Line line,
            List<LoadCase> cases,
            List<LoadCase> own,
            List<Material> materials,
            boolean afloat,
            double yieldFactor,
            Seating seating,
            List<ElasticMount> mounts,
            Outcome<FrameResult> frame,
            List<TubeStress> stresses) {}

    public static StepReport of(Input input) {
        Outcome<FrameResult> outcome = input.frame();
        List<TubeStress> uses = input.stresses();
        ReportBuilder report = new ReportBuilder(Step.LOAD);
        report.findings(outcome.reasons());
        outcome.answer().ifPresent(result -> {
            CaseNotes.add(report, input.line(), input.own(), input.materials());
            afloat(report, input);
            int good = 0;
            for (TubeStress use : uses) {
                if (use.utilisation() > 1 || good++ < GOOD_TUBES_TOLD) {
                    stress(report, input, use);
                }
            }
            if (!uses.isEmpty()) {
                TubeStress worst = uses.get(0);
                report.figure(
                        "highest utilisation, " + worst.tube().named(),
                        Quantity.share(worst.utilisation()),
                        why(input, worst));
            }
            result.cases().stream().filter(each -> isTold(input, each)).forEach(each -> figures(report, input, each));
            pulled(report, input, result);
            StopNotes.add(report, input.mounts(), input.cases(), result);
        });
        return report.report();
    }

    /** A frame may be on its way to a machine; or it is one that flies. */
    private static void afloat(ReportBuilder report, Input input) {
        if (input.afloat()) {
            report.say(
                    LoadFinding.AFLOAT,
                    Severity.WATCH,
                    Phrase.of(
                            "nothing is said to stand on the ground, so the machine's own mass holds what donor and drive put on it, as"
                                    + " in the air; name its supports under Host, Frame"),
                    Place.of(Subject.MACHINE),
                    new Why(
                            "inertia relief: under every node a spring in proportion to the mass it carries, so soft that it only holds"
                                    + " as that mass would",
                            List.of(),
                            Source.fromMemory("Przemieniecki, Theory of Matrix Structural Analysis, 1968")));
        }
    }

    /** A case that comes from the other side is told only by the tubes it works hardest. */
    private static boolean isTold(Input input, CaseResult result) {
        return !CaseVariants.isTurnedRound(load(input, result));
    }

    private static LoadCase load(Input input, CaseResult result) {
        for (LoadCase each : input.cases()) {
            if (each.id().equals(result.id())) {
                return each;
            }
        }
        throw new IllegalArgumentException("no case " + result.id());
    }

    /** A bent tube is worked out in pieces, {@code mark.number}; it is named as a whole. */
    private static String tubeOf(Input input, String piece) {
        return input.stresses().stream()
                .map(TubeStress::tube)
                .filter(tube -> piece.equals(tube.id()) || piece.startsWith(tube.id() + "."))
                .map(Member::label)
                .findFirst()
                .orElse(piece);
    }

    private static void figures(ReportBuilder report, Input input, CaseResult result) {
        LoadCase load = load(input, result);
        MemberResult worst = result.members().stream()
                .max(Comparator.comparingDouble(MemberResult::vonMisesMax))
                .orElseThrow();
        report.figure(
                load.label() + ": most, in " + tubeOf(input, worst.id()),
                Quantity.stress(worst.vonMisesMax()),
                new Why(
                        "sigma = |N/A| + M/W, tau = T r / J, sqrt(sigma² + 3 tau²)",
                        List.of(
                                input("|N/A| + M/W", Quantity.stress(worst.stressMax())),
                                input("N", Quantity.force(worst.endJ().force().x())),
                                input("T", Quantity.torque(worst.endJ().moment().x()))),
                        FRAME));
        if (input.afloat()) {
            return;
        }
        Vec3 up = result.reactions().stream().map(Reaction::force).reduce(Vec3.ZERO, Vec3::plus);
        report.figure(
                load.label() + ": ground pushes up",
                Quantity.force(up.z()),
                new Why(
                        "sum of the reactions; " + leftOver(result.equilibriumError()),
                        List.of(),
                        Source.derived("equilibrium")));
    }

    private static String leftOver(double error) {
        return error < 1e-9
                ? "less than 1e-9 of the greatest load is left over"
                : (float) error + " of the greatest load is left over";
    }

    /** What the pull of chain or belt does to the sprocket it draws at, in the worst of the cases in which the machine works. */
    private static void pulled(ReportBuilder report, Input input, FrameResult result) {
        if (input.afloat()
                || input.line().stages().isEmpty()
                || !input.line().stages().get(0).isInPlane()) {
            return;
        }
        Vec3 worst = Vec3.ZERO;
        LoadCase under = null;
        for (CaseResult each : result.cases()) {
            LoadCase load = load(input, each);
            Vec3 moves = atDriver(input.seating(), each);
            if (load.runs() && (under == null || moves.length() > worst.length())) {
                worst = moves;
                under = load;
            }
        }
        if (under == null) {
            return;
        }
        Quantity moves = Quantity.length(worst.length());
        Quantity limit = Quantity.length(MOST_DRIVER_MOVEMENT);
        String wheel = input.line().stages().get(0) instanceof Stage.Chain ? "front sprocket" : "front pulley";
        Why why = new Why(
                "u + theta x r of the donor at its " + wheel,
                List.of(
                        input("forward", Quantity.length(worst.x())),
                        input("left", Quantity.length(worst.y())),
                        input("up", Quantity.length(worst.z()))),
                Source.commonPractice());
        report.figure(under.label() + ": " + wheel + " moves", moves, why);
        report.atMost(
                LoadFinding.MOVEMENT,
                Severity.WATCH,
                moves,
                limit,
                Phrase.of("the pull moves the {} {}, within {} ({})", wheel, moves, limit, under.label()),
                Phrase.of(
                        "the pull moves the {} {} ({}); beyond {} the drive slackens and jumps",
                        wheel,
                        moves,
                        under.label(),
                        limit),
                Place.of(Subject.DONOR, input.seating().driverCentre()),
                why);
    }

    private static Vec3 atDriver(Seating seating, CaseResult result) {
        NodeMovement donor = result.node(CradleFrame.DONOR).orElseThrow();
        Vec3 arm = seating.driverCentre().minus(seating.mass().cg());
        return donor.displacement().plus(donor.rotation().cross(arm));
    }

    private static Why why(Input input, TubeStress use) {
        Material material = use.tube().madeOf(input.materials());
        if (use.limit() == TubeStress.Limit.COLUMN) {
            return whyColumn(input, use);
        }
        boolean beside = use.limit() == TubeStress.Limit.BESIDE_WELD;
        String against = use.load().level().against(input.yieldFactor(), material.ultimateOverYield());
        return new Why(
                "sqrt((|N/A| + M/W)² + 3 (T r / J)²) against " + against
                        + (beside ? ", with the yield that welding leaves" : ""),
                List.of(
                        input("stress", Quantity.stress(use.stress())),
                        beside
                                ? input("yield beside the weld", Quantity.stress(material.yieldBesideWeld()))
                                : input("yield", Quantity.stress(material.yieldStrength()))),
                FRAME);
    }

    private static Why whyColumn(Input input, TubeStress use) {
        Column column = use.column();
        return new Why(
                "n P / (Fcr A) + 8/9 M / (W allowed (1 - n P / Pe)), half the first where it is below 0.2",
                List.of(
                        input("P", Quantity.force(TubeStresses.pressure(use.piece()))),
                        input("free length", Quantity.length(column.length())),
                        input("Fcr", Quantity.stress(column.critical())),
                        input("Pe / A, Euler", Quantity.stress(column.euler())),
                        input("n", Quantity.ratio(use.load().level().onBuckling(input.yieldFactor())))),
                COLUMN);
    }

    private static void stress(ReportBuilder report, Input input, TubeStress use) {
        if (use.limit() == TubeStress.Limit.COLUMN) {
            column(report, input, use);
            return;
        }
        Quantity stress = Quantity.stress(use.stress());
        Quantity allowed = Quantity.stress(use.allowed());
        Material material = use.tube().madeOf(input.materials());
        boolean beside = use.limit() == TubeStress.Limit.BESIDE_WELD;
        boolean yields = use.stress() > (beside ? material.yieldBesideWeld() : material.yieldStrength());
        boolean breaks = use.load().level() == Level.ULTIMATE;
        String where = beside ? " beside its weld" : "";
        String text = use.utilisation() <= 1
                ? "{} is stressed to {}" + where + " in \"{}\"; {} is allowed"
                : "{} " + (breaks ? "breaks" : yields ? "yields" : "is overloaded") + where
                        + ": {} in \"{}\", {} is allowed";
        report.atMost(
                LoadFinding.STRESS,
                Severity.ofUtilisation(use.utilisation()),
                Phrase.of(text, use.tube().named(), stress, use.load().label(), allowed),
                stress,
                allowed,
                Place.of(Subject.tube(use.tube().id()), use.at()),
                why(input, use));
    }

    private static void column(ReportBuilder report, Input input, TubeStress use) {
        Quantity used = Quantity.share(use.utilisation());
        Quantity pressed = Quantity.force(TubeStresses.pressure(use.piece()));
        report.atMost(
                LoadFinding.COLUMN,
                Severity.ofUtilisation(use.utilisation()),
                use.utilisation() <= 1
                        ? Phrase.of(
                                "{} uses {} of what it bears as a column, pressed with {} in \"{}\"",
                                use.tube().named(),
                                used,
                                pressed,
                                use.load().label())
                        : Phrase.of(
                                "{} buckles: {} of what it bears as a column, pressed with {} in \"{}\"; brace it, or take a"
                                        + " wider tube",
                                use.tube().named(),
                                used,
                                pressed,
                                use.load().label()),
                used,
                Quantity.share(1),
                Place.of(Subject.tube(use.tube().id()), use.at()),
                whyColumn(input, use));
    }
}
