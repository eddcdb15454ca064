package oddcradle.core.proof;

import static oddcradle.core.finding.Why.input;

import java.util.List;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Step;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.job.Job;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.report.StepReport;
import oddcradle.core.step.load.LoadFinding;
import oddcradle.core.structure.FrameStability;
import oddcradle.core.units.Quantity;

/** What the slow studies of the loaded frame find, besides what follows a hand. */
public final class ProofReport {
    /** A weld that lasts fewer years of its duty than that is watched. */
    private static final double YEARS_TO_WATCH = 10;

    private static final int TOLD = 3;

    private static final Source LOST = Source.derived("each tube of the cradle and each mount taken away in turn");

    private ProofReport() {}

    public static StepReport of(Job job, LoadProof proof) {
        ReportBuilder report = new ReportBuilder(Step.LOAD);
        proof.sways().stream().findFirst().ifPresent(near -> sway(report, job, near));
        int told = 0;
        for (JointUse use : proof.joints()) {
            if (use.utilisation() > 1 || told++ == 0) {
                joint(report, use);
            }
        }
        notChecked(report, proof);
        proof.lives().stream()
                .filter(life -> life.hours().isPresent())
                .limit(TOLD)
                .forEach(life -> life(report, proof, life));
        proof.losses().stream().filter(loss -> !loss.staysAboard()).limit(TOLD).forEach(loss -> lost(report, loss));
        return report.report();
    }

    private static void sway(ReportBuilder report, Job job, FrameStability.Near near) {
        Quantity factor = Quantity.ratio(near.factor());
        Quantity wanted =
                Quantity.ratio(near.load().level().onBuckling(job.build().yieldFactor()));
        Why why = new Why(
                "(K + factor Kg) phi = 0 with the case's own axial forces",
                List.of(input("factor", factor), input("wanted", wanted)),
                Source.fromMemory("Bathe, Finite Element Procedures, 1996"));
        report.figure(
                "frame buckles as a whole at, times the loads of " + near.load().label(), factor, why);
        report.atLeast(
                LoadFinding.SWAY,
                Severity.STOP,
                factor,
                wanted,
                Phrase.of(
                        "the frame as a whole buckles at {} times the loads of \"{}\"; {} is wanted",
                        factor,
                        near.load().label(),
                        wanted),
                Phrase.of(
                        "the frame as a whole buckles at {} times the loads of \"{}\", {} is wanted; brace it",
                        factor,
                        near.load().label(),
                        wanted),
                Place.of(Subject.MACHINE),
                why);
    }

    private static void joint(ReportBuilder report, JointUse use) {
        Quantity used = Quantity.share(use.utilisation());
        report.atMost(
                LoadFinding.JOINT,
                Severity.ofUtilisation(use.utilisation()),
                Phrase.of(
                        use.utilisation() <= 1
                                ? "{}: {} of what {} bears is used, in \"{}\""
                                : "{}: {} of what {} bears is asked of it in \"{}\"; "
                                        + use.limit().cure(),
                        use.words(),
                        used,
                        use.limit().words(),
                        use.load().label()),
                used,
                Quantity.share(1),
                Place.of(Subject.tube(use.tube().id()), use.at()),
                use.why());
    }

    private static void notChecked(ReportBuilder report, LoadProof proof) {
        long unchecked =
                proof.joints().stream().filter(use -> !use.isWallChecked()).count();
        if (unchecked > 0) {
            report.say(
                    LoadFinding.WALL_NOT_CHECKED,
                    Severity.NOT_CHECKED,
                    Phrase.of(
                            "whether the wall folds that something is welded to: {} joints are out of what the formulas are meant for;"
                                    + " only their welds are looked at",
                            Quantity.count(unchecked)),
                    Place.of(Subject.MACHINE),
                    new Why(
                            "round and box tubes no wider than what they end on, from 30 degrees, walls not thinner than a fiftieth of a"
                                    + " round tube and a thirty-fifth of a box",
                            List.of(),
                            ProofAnswers.WALL));
        }
    }

    private static void life(ReportBuilder report, LoadProof proof, EndLife life) {
        double hours = life.hours().orElseThrow();
        double years = hours / proof.duty().hoursAYear();
        Quantity lasts = Quantity.hours(hours);
        report.say(
                LoadFinding.LIFE,
                years < 1 ? Severity.STOP : years < YEARS_TO_WATCH ? Severity.WATCH : Severity.GOOD,
                Phrase.of(
                        "{} lasts {} of the duty; worn most by {}, up to {} each time",
                        life.end().words(),
                        lasts,
                        life.causes().get(0).words(),
                        Quantity.stress(life.causes().get(0).range())),
                Place.of(Subject.tube(life.end().tube().id()), life.end().at()),
                ProofAnswers.why(life));
    }

    private static void lost(ReportBuilder report, Loss loss) {
        report.say(
                LoadFinding.LOST,
                Severity.WATCH,
                loss.falls()
                        .map(falls -> Phrase.of(
                                "if {} is lost, {}; give it a strap or a second way to hold", loss.part(), falls))
                        .orElseGet(() -> Phrase.of(
                                "if {} is lost, {} breaks too, {} of what it bears at last in \"{}\"; give it a strap or a second"
                                        + " way to hold",
                                loss.part(),
                                loss.worst(),
                                Quantity.share(loss.overUltimate()),
                                loss.load())),
                Place.of(Subject.MACHINE),
                new Why("what is left, under all cases it is to outlive", List.of(), LOST));
    }
}
