package oddcradle.core.step.donor;

import static oddcradle.core.finding.Why.input;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.finding.Figure;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Step;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.job.donor.History;
import oddcradle.core.job.donor.Turn;
import oddcradle.core.math.Mat3;
import oddcradle.core.placement.ScanPlace;
import oddcradle.core.placement.Scans;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.report.StepReport;
import oddcradle.core.step.measured.ScanNotes;
import oddcradle.core.step.measured.SurveyNotes;
import oddcradle.core.survey.SurveyResult;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import oddcradle.core.weigh.CombinedMass;

/** What the donor is, how well that is known, and what nobody has looked at yet. */
public final class DonorReport {
    private static final double THINNEST_GYRATION = 0.03;
    private static final double WIDEST_GYRATION = 0.60;

    /** A weighing further from the rest than this, in standard deviations, does not agree. */
    private static final double DISAGREES = 3;

    private static final double SAME_MASS = 0.02;
    private static final double SAME_PLACE = 0.005;
    private static final Source LOOKED_AT = Source.measured();

    private DonorReport() {}

    /**
     * Everything that decides the report.
     *
     * @param readings of the donor's readings
     * @param place of its scan
     * @param scans as read
     */
    public record Input(
            Donor donor, SurveyResult readings, CombinedMass weighed, Optional<ScanPlace> place, Scans scans) {}

    public static StepReport of(Input input) {
        Donor donor = input.donor();
        CombinedMass weighed = input.weighed();
        Engine engine = donor.engine();
        Why entered = new Why("as entered", List.of(), Source.measured());
        double mass = donor.mass().mass();
        Mat3 inertia = donor.mass().inertia();
        ReportBuilder report = new ReportBuilder(Step.DONOR);
        report.figures(List.of(
                new Figure("mass", Quantity.mass(mass), entered),
                new Figure("most torque", Quantity.torque(engine.maxTorque()), entered),
                new Figure("idle", Quantity.rotationSpeed(engine.idleSpeed()), entered),
                new Figure("cruise", Quantity.rotationSpeed(engine.cruiseSpeed()), entered),
                new Figure(
                        "fires at idle",
                        Quantity.frequency(engine.firingFrequency(engine.idleSpeed())),
                        new Why(
                                "cylinders / turns per firing · speed, even firing",
                                List.of(
                                        input("cylinders", Quantity.count(engine.cylinders())),
                                        input("speed", Quantity.rotationSpeed(engine.idleSpeed()))),
                                Source.derived("firing order")))));
        for (int axis = 0; axis < 3; axis++) {
            double gyration = Math.sqrt(inertia.get(axis, axis) / mass);
            String name = axis == 0 ? "roll" : axis == 1 ? "pitch" : "yaw";
            Why why = new Why(
                    "r = sqrt(I / m)", List.of(input("m", Quantity.mass(mass))), Source.derived("radius of gyration"));
            report.figure("radius of gyration, " + name, Quantity.length(gyration), why);
            if (gyration < THINNEST_GYRATION || gyration > WIDEST_GYRATION) {
                report.say(
                        DonorFinding.GYRATION,
                        Severity.WATCH,
                        Phrase.of(
                                "the {} inertia means a radius of gyration of {}; engines lie between {} and {}, measure again",
                                name,
                                Quantity.length(gyration),
                                Quantity.length(THINNEST_GYRATION),
                                Quantity.length(WIDEST_GYRATION)),
                        Place.of(Subject.DONOR),
                        why);
            }
        }
        if (report.hasNoFinding()) {
            report.say(
                    DonorFinding.MASS,
                    Severity.GOOD,
                    Phrase.of("mass and inertia belong to a body that can exist"),
                    Place.of(Subject.DONOR),
                    new Why("checked when the job was read", List.of(), Source.derived("entered values")));
        }
        weighed(report, donor, weighed);
        ScanNotes.add(report, donor.scan(), input.place(), input.scans());
        UnitNotes.add(report, donor);
        holes(report, donor);
        output(report, donor);
        history(report, donor);
        SurveyNotes.add(report, Subject.DONOR, donor.places(), input.readings());
        return report.report();
    }

    private static void weighed(ReportBuilder report, Donor donor, CombinedMass weighed) {
        for (CombinedMass.Contribution each : weighed.contributions()) {
            Why why = new Why(
                    each.formula(),
                    List.of(
                            input("said", quantity(each, each.value())),
                            input("±", quantity(each, each.sigma())),
                            input("all together", quantity(each, each.combined()))),
                    Source.derived("statics; Genta and Delprete (1994) for a swing"));
            report.figure(each.weighing() + ": " + each.what(), quantity(each, each.value()), why);
            if (Math.abs(each.strain()) > DISAGREES) {
                report.atMost(
                        DonorFinding.WEIGHING,
                        Severity.WATCH,
                        Phrase.of(
                                "{} gives {} as {}, all weighings together {}; weigh again",
                                each.weighing(),
                                each.what(),
                                quantity(each, each.value()),
                                quantity(each, each.combined())),
                        quantity(each, each.value() - each.combined()),
                        quantity(each, DISAGREES * each.sigma()),
                        Place.of(Subject.DONOR),
                        why);
            }
        }
        weighed.mass().ifPresent(mass -> {
            double off = donor.mass().mass() - mass.value();
            double allowed = Math.max(2 * mass.sigma(), SAME_MASS * mass.value());
            if (Math.abs(off) > allowed) {
                report.atMost(
                        DonorFinding.WEIGHED,
                        Severity.WATCH,
                        Phrase.of(
                                "the job has a mass of {}, the weighings give {}",
                                Quantity.mass(donor.mass().mass()),
                                Quantity.mass(mass.value())),
                        Quantity.mass(off),
                        Quantity.mass(allowed),
                        Place.of(Subject.DONOR),
                        new Why(
                                "mean of the weighings by 1 / sigma^2",
                                List.of(input("±", Quantity.mass(mass.sigma()))),
                                Source.measured()));
            }
        });
        weighed.cg().ifPresent(cg -> {
            double off = cg.distanceTo(donor.mass().cg());
            double allowed = Math.max(SAME_PLACE, 3 * weighed.cgSigma().length());
            if (off > allowed) {
                report.atMost(
                        DonorFinding.WEIGHED_CG,
                        Severity.WATCH,
                        Phrase.of(
                                "the job has the centre of gravity {} from where the weighings put it",
                                Quantity.length(off)),
                        Quantity.length(off),
                        Quantity.length(allowed),
                        Place.of(Subject.DONOR),
                        new Why(
                                "least squares of all weighings",
                                List.of(
                                        input("forward", Quantity.length(cg.x())),
                                        input("left", Quantity.length(cg.y())),
                                        input("up", Quantity.length(cg.z()))),
                                Source.measured()));
            }
        });
        if (!donor.weighings().isEmpty() && !weighed.openCg().isEmpty()) {
            report.say(
                    DonorFinding.CG_OPEN,
                    Severity.NOTE,
                    Phrase.of(
                            "the weighings do not tell how far {} the weight lies; {}",
                            String.join(" and ", weighed.openCg()),
                            weighed.openCg().contains("up") ? "tilt it on the scales or hang it" : "use a third scale"),
                    Place.of(Subject.DONOR),
                    new Why("no equation holds that direction", List.of(), Source.derived("moments")));
        }
    }

    private static Quantity quantity(CombinedMass.Contribution each, double value) {
        return switch (each.kind()) {
            case MASS -> Quantity.mass(value);
            case LENGTH -> Quantity.length(value);
            case INERTIA -> new Quantity(value, Kind.INERTIA);
        };
    }

    private static void holes(ReportBuilder report, Donor donor) {
        List<String> blind = new ArrayList<>();
        for (Boss boss : donor.bosses()) {
            if (boss.hole().depth() == 0 && !boss.hole().through()) {
                blind.add(boss.id());
            }
            if (!boss.hole().behind().isEmpty()) {
                report.say(
                        DonorFinding.BEHIND,
                        Severity.NOTE,
                        Phrase.of(
                                "behind {} lies the {}; {} of the hole are usable, stop drill and bolt there",
                                boss.id(),
                                boss.hole().behind(),
                                Quantity.length(boss.hole().depth())),
                        Place.of(Subject.boss(boss.id())),
                        new Why("as looked at", List.of(), LOOKED_AT));
            }
        }
        if (!blind.isEmpty()) {
            report.say(
                    DonorFinding.HOLE,
                    Severity.NOTE,
                    Phrase.of(
                            "nobody has measured how deep {} may be used and what lies behind",
                            String.join(", ", blind)),
                    new Place(blind.stream().map(Subject::boss).toList(), List.of()),
                    new Why("depth and what lies behind are left out", List.of(), LOOKED_AT));
        }
    }

    private static void output(ReportBuilder report, Donor donor) {
        List<String> open = new ArrayList<>();
        if (donor.output().turn() == Turn.UNKNOWN) {
            open.add("which way it turns");
        }
        if (!donor.output().shaft().isMeasured()) {
            open.add("its shaft's diameter and length");
        }
        if (!open.isEmpty()) {
            report.say(
                    DonorFinding.OUTPUT,
                    Severity.NOTE,
                    Phrase.of("look at the {}: {}", donor.output().form().words(), String.join(" and ", open)),
                    Place.of(Subject.DONOR),
                    new Why("left out of the donor", List.of(), LOOKED_AT));
        }
    }

    private static void history(ReportBuilder report, Donor donor) {
        for (History.Check check : donor.history().checks()) {
            if (check.found() == History.Found.FAULT) {
                report.say(
                        DonorFinding.FAULT,
                        Severity.WATCH,
                        Phrase.of(
                                "fault: {}{}; a fault found after the mounts are welded costs far more",
                                check.what(),
                                check.note().isEmpty() ? "" : ", " + check.note()),
                        Place.of(Subject.DONOR),
                        new Why("as looked at", List.of(), LOOKED_AT));
            }
        }
        List<String> open = History.USUAL.stream()
                .filter(what -> donor.history().checks().stream()
                        .noneMatch(check -> check.what().equals(what) && check.found() != History.Found.UNKNOWN))
                .toList();
        if (!open.isEmpty()) {
            report.say(
                    DonorFinding.UNLOOKED,
                    Severity.NOTE,
                    Phrase.of("not looked at before it goes in: {}", String.join("; ", open)),
                    Place.of(Subject.DONOR),
                    new Why("what experienced builders look at first", List.of(), Source.commonPractice()));
        }
    }
}
