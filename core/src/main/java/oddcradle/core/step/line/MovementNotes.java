package oddcradle.core.step.line;

import static oddcradle.core.finding.Why.input;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.ToDoubleFunction;
import oddcradle.core.drive.Stage;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Why;
import oddcradle.core.job.Job;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.SmallMotion;
import oddcradle.core.placement.Seating;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.structure.CaseVariants;
import oddcradle.core.structure.DonorMovement;
import oddcradle.core.structure.LineResult;
import oddcradle.core.structure.StageResult;
import oddcradle.core.units.Quantity;

/** What the donor's movement on mounts and frame does to the first stage of the drive: planes part, shafts leave each other's line. */
final class MovementNotes {
    private static final Source STATICS = Source.derived("statics of frame, mounts and donor");

    private final ReportBuilder report;
    private final StageResult first;
    private final Vec3 arm;
    private final List<DonorMovement.Pushed> running = new ArrayList<>();
    private final List<DonorMovement.Pushed> knocked = new ArrayList<>();

    private MovementNotes(ReportBuilder report, Job job, Seating seating, StageResult first, DonorMovement movement) {
        this.report = report;
        this.first = first;
        this.arm = first.driving().sprocketCentre().minus(seating.mass().cg());
        List<LoadCase> cases = CaseVariants.of(job);
        for (DonorMovement.Pushed each : movement.pushed()) {
            boolean runs = each.id().equals(CaseVariants.STANDING)
                    || cases.stream().anyMatch(load -> load.id().equals(each.id()) && load.runs());
            (runs ? running : knocked).add(each);
        }
    }

    static void add(ReportBuilder report, Job job, Seating seating, LineResult line, DonorMovement movement) {
        if (line.stages().isEmpty() || movement.pushed().isEmpty()) {
            return;
        }
        MovementNotes notes =
                new MovementNotes(report, job, seating, line.stages().get(0), movement);
        if (notes.first.stage().isInPlane()) {
            notes.planes();
        } else if (notes.first.stage() instanceof Stage.Coupling coupling) {
            notes.coupling(coupling);
        }
    }

    private static DonorMovement.Pushed worst(List<DonorMovement.Pushed> cases, ToDoubleFunction<SmallMotion> size) {
        return cases.stream()
                .max(Comparator.comparingDouble(each -> size.applyAsDouble(each.motion())))
                .orElseThrow();
    }

    private void planes() {
        Vec3 axis = first.driving().direction();
        // The driver's plane goes along its shaft; the driven wheel then lies that much the other way.
        ToDoubleFunction<SmallMotion> apart =
                motion -> Math.abs(first.alignment().offset() - motion.at(arm).dot(axis));
        List<DonorMovement.Pushed> all = new ArrayList<>(running);
        all.addAll(knocked);
        DonorMovement.Pushed worst = worst(all, apart);
        Quantity parts = Quantity.length(apart.applyAsDouble(worst.motion()));
        Quantity limit = Quantity.length(
                2 * PlaneNotes.offsetShare(first.stage()) * first.alignment().centreDistance());
        String name = first.stage().label();
        Why why = new Why(
                "offset of the planes less what the donor moves along its shaft; twice what is allowed at rest",
                List.of(
                        input(
                                "offset as drawn",
                                Quantity.length(first.alignment().offset())),
                        input(
                                "moves along its shaft",
                                Quantity.length(worst.motion().at(arm).dot(axis)))),
                STATICS);
        figures(axis, why);
        report.atMost(
                LineFinding.SOFT,
                Severity.WATCH,
                parts,
                limit,
                Phrase.of("{}: on its mounts the planes part by {} at most ({})", name, parts, worst.load()),
                Phrase.of(
                        "{}: on its mounts the planes part by {} ({}); stiffer mounts across, or a steady arm, hold it",
                        name,
                        parts,
                        worst.load()),
                PlaneNotes.place(first),
                why);
    }

    private void figures(Vec3 axis, Why why) {
        running.forEach(each -> report.figure(
                first.stage().label() + ": " + each.load() + " shifts its plane by",
                Quantity.length(each.motion().at(arm).dot(axis)),
                why));
    }

    private void coupling(Stage.Coupling coupling) {
        Vec3 axis = first.driving().direction().unit();
        Vec3 apart = first.driven()
                .sprocketCentre()
                .minus(first.driving().sprocketCentre())
                .withoutPartAlong(axis);
        ToDoubleFunction<SmallMotion> aside =
                motion -> apart.minus(motion.at(arm).withoutPartAlong(axis)).length();
        Vec3 other = first.driven().direction().unit();
        ToDoubleFunction<SmallMotion> angle = motion -> {
            Vec3 turned = axis.plus(motion.turn().cross(axis)).unit();
            return Math.min(turned.angleTo(other), turned.angleTo(other.negated()));
        };
        Quantity takesAside = Quantity.length(coupling.radialAllowance());
        Quantity takesAngle = Quantity.angle(coupling.angularAllowance());
        judge(
                LineFinding.MOVED_ASIDE,
                Severity.STOP,
                worst(running, aside),
                Quantity.length(aside.applyAsDouble(worst(running, aside).motion())),
                takesAside,
                coupling,
                "{}: running, its shafts lie {} apart at most ({})",
                "{}: running, its shafts lie {} apart ({}); it takes {}: pack the mounts by their sag, or take a coupling for it");
        judge(
                LineFinding.MOVED_ANGLE,
                Severity.STOP,
                worst(running, angle),
                Quantity.angle(angle.applyAsDouble(worst(running, angle).motion())),
                takesAngle,
                coupling,
                "{}: running, its shafts are {} out of parallel at most ({})",
                "{}: running, its shafts are {} out of parallel ({}); it takes {}");
        if (!knocked.isEmpty()) {
            judge(
                    LineFinding.KNOCKED_ASIDE,
                    Severity.WATCH,
                    worst(knocked, aside),
                    Quantity.length(aside.applyAsDouble(worst(knocked, aside).motion())),
                    takesAside,
                    coupling,
                    "{}: knocked about, its shafts lie {} apart at most ({})",
                    "{}: knocked about, its shafts lie {} apart ({}); running it takes {}: block the engine for the road, and look at the"
                            + " rubber after it");
        }
    }

    private void judge(
            LineFinding finding,
            Severity severity,
            DonorMovement.Pushed worst,
            Quantity found,
            Quantity limit,
            Stage.Coupling coupling,
            String good,
            String bad) {
        Why why = new Why(
                "the two shafts as drawn, less what the donor moves on mounts and frame",
                List.of(
                        input("moves", Quantity.length(worst.motion().at(arm).length())),
                        input("turns", Quantity.angle(worst.motion().turn().length()))),
                STATICS);
        report.atMost(
                finding,
                severity,
                found,
                limit,
                Phrase.of(good, coupling.label(), found, worst.load()),
                Phrase.of(bad, coupling.label(), found, worst.load(), limit),
                PlaneNotes.place(first),
                why);
    }
}
