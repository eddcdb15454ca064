package oddcradle.core.step.donor;

import static oddcradle.core.finding.Why.input;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.finding.Figure;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Step;
import oddcradle.core.finding.Why;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.job.donor.History;
import oddcradle.core.job.donor.Turn;
import oddcradle.core.job.edit.Side;
import oddcradle.core.math.Mat3;
import oddcradle.core.placement.ScanPlace;
import oddcradle.core.placement.Scans;
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
        SurveyNotes survey = new SurveyNotes(Side.DONOR, donor.places(), input.readings());
        ScanNotes scan = ScanNotes.of(Side.DONOR, donor.scan(), input.place(), input.scans());
        Engine engine = donor.engine();
        Why entered = new Why("as entered", List.of(), Source.measured());
        double mass = donor.mass().mass();
        Mat3 inertia = donor.mass().inertia();
        List<Figure> figures = new ArrayList<>(List.of(
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
        List<Finding> findings = new ArrayList<>();
        for (int axis = 0; axis < 3; axis++) {
            double gyration = Math.sqrt(inertia.get(axis, axis) / mass);
            String name = axis == 0 ? "roll" : axis == 1 ? "pitch" : "yaw";
            Why why = new Why(
                    "r = sqrt(I / m)", List.of(input("m", Quantity.mass(mass))), Source.derived("radius of gyration"));
            figures.add(new Figure("radius of gyration, " + name, Quantity.length(gyration), why));
            if (gyration < THINNEST_GYRATION || gyration > WIDEST_GYRATION) {
                findings.add(Finding.statement(
                        "donor.gyration",
                        Step.DONOR,
                        Severity.WATCH,
                        Phrase.of(
                                "the {} inertia means a radius of gyration of {}; engines lie between {} and {}, measure again",
                                name,
                                Quantity.length(gyration),
                                Quantity.length(THINNEST_GYRATION),
                                Quantity.length(WIDEST_GYRATION)),
                        Place.NOWHERE,
                        why));
            }
        }
        if (findings.isEmpty()) {
            findings.add(Finding.statement(
                    "donor.mass",
                    Step.DONOR,
                    Severity.GOOD,
                    Phrase.of("mass and inertia belong to a body that can exist"),
                    Place.NOWHERE,
                    new Why("checked when the job was read", List.of(), Source.derived("entered values"))));
        }
        weighed(figures, findings, donor, weighed);
        figures.addAll(scan.figures());
        findings.addAll(scan.findings());
        holes(findings, donor);
        output(findings, donor);
        history(findings, donor);
        figures.addAll(survey.figures());
        findings.addAll(survey.findings());
        return new StepReport(Step.DONOR, figures, findings);
    }

    private static void weighed(List<Figure> figures, List<Finding> findings, Donor donor, CombinedMass weighed) {
        for (CombinedMass.Contribution each : weighed.contributions()) {
            Why why = new Why(
                    each.formula(),
                    List.of(
                            input("said", quantity(each, each.value())),
                            input("±", quantity(each, each.sigma())),
                            input("all together", quantity(each, each.combined()))),
                    Source.derived("statics; Genta and Delprete (1994) for a swing"));
            figures.add(new Figure(each.weighing() + ": " + each.what(), quantity(each, each.value()), why));
            if (Math.abs(each.strain()) > DISAGREES) {
                findings.add(Finding.atMost(
                        "donor.weighing",
                        Step.DONOR,
                        Severity.WATCH,
                        Phrase.of(
                                "{} gives {} as {}, all weighings together {}; weigh again",
                                each.weighing(),
                                each.what(),
                                quantity(each, each.value()),
                                quantity(each, each.combined())),
                        quantity(each, each.value() - each.combined()),
                        quantity(each, DISAGREES * each.sigma()),
                        Place.NOWHERE,
                        why));
            }
        }
        weighed.mass().ifPresent(mass -> {
            double off = donor.mass().mass() - mass.value();
            double allowed = Math.max(2 * mass.sigma(), SAME_MASS * mass.value());
            if (Math.abs(off) > allowed) {
                findings.add(Finding.atMost(
                        "donor.weighed",
                        Step.DONOR,
                        Severity.WATCH,
                        Phrase.of(
                                "the job reckons with {}, the weighings say {}",
                                Quantity.mass(donor.mass().mass()),
                                Quantity.mass(mass.value())),
                        Quantity.mass(off),
                        Quantity.mass(allowed),
                        Place.NOWHERE,
                        new Why(
                                "mean of the weighings by 1 / sigma^2",
                                List.of(input("±", Quantity.mass(mass.sigma()))),
                                Source.measured())));
            }
        });
        weighed.cg().ifPresent(cg -> {
            double off = cg.distanceTo(donor.mass().cg());
            double allowed = Math.max(SAME_PLACE, 3 * weighed.cgSigma().length());
            if (off > allowed) {
                findings.add(Finding.atMost(
                        "donor.weighed-cg",
                        Step.DONOR,
                        Severity.WATCH,
                        Phrase.of(
                                "the job reckons with a centre of gravity {} from where the weighings put it",
                                Quantity.length(off)),
                        Quantity.length(off),
                        Quantity.length(allowed),
                        Place.NOWHERE,
                        new Why(
                                "least squares of all weighings",
                                List.of(
                                        input("forward", Quantity.length(cg.x())),
                                        input("left", Quantity.length(cg.y())),
                                        input("up", Quantity.length(cg.z()))),
                                Source.measured())));
            }
        });
        if (!donor.weighings().isEmpty() && !weighed.openCg().isEmpty()) {
            findings.add(Finding.statement(
                    "donor.cg-open",
                    Step.DONOR,
                    Severity.NOTE,
                    Phrase.of(
                            "the weighings do not tell how far {} the weight lies; {}",
                            String.join(" and ", weighed.openCg()),
                            weighed.openCg().contains("up") ? "tilt it on the scales or hang it" : "use a third scale"),
                    Place.NOWHERE,
                    new Why("no equation holds that direction", List.of(), Source.derived("moments"))));
        }
    }

    private static Quantity quantity(CombinedMass.Contribution each, double value) {
        return switch (each.kind()) {
            case MASS -> Quantity.mass(value);
            case LENGTH -> Quantity.length(value);
            case INERTIA -> new Quantity(value, Kind.INERTIA);
        };
    }

    private static void holes(List<Finding> findings, Donor donor) {
        List<String> blind = new ArrayList<>();
        for (Boss boss : donor.bosses()) {
            if (boss.hole().depth() == 0 && !boss.hole().through()) {
                blind.add(boss.id());
            }
            if (!boss.hole().behind().isEmpty()) {
                findings.add(Finding.statement(
                        "donor.behind",
                        Step.DONOR,
                        Severity.NOTE,
                        Phrase.of(
                                "behind {} lies the {}; {} of the hole are usable, stop drill and bolt there",
                                boss.id(),
                                boss.hole().behind(),
                                Quantity.length(boss.hole().depth())),
                        Place.of(boss.id()),
                        new Why("as looked at", List.of(), LOOKED_AT)));
            }
        }
        if (!blind.isEmpty()) {
            findings.add(Finding.statement(
                    "donor.hole",
                    Step.DONOR,
                    Severity.NOTE,
                    Phrase.of(
                            "nobody has measured how deep {} may be used and what lies behind",
                            String.join(", ", blind)),
                    new Place(blind, List.of()),
                    new Why("depth and what lies behind are left out", List.of(), LOOKED_AT)));
        }
    }

    private static void output(List<Finding> findings, Donor donor) {
        List<String> open = new ArrayList<>();
        if (donor.output().turn() == Turn.UNKNOWN) {
            open.add("which way it turns");
        }
        if (!donor.output().shaft().isMeasured()) {
            open.add("its shaft's diameter and length");
        }
        if (!open.isEmpty()) {
            findings.add(Finding.statement(
                    "donor.output",
                    Step.DONOR,
                    Severity.NOTE,
                    Phrase.of("look at the {}: {}", donor.output().form().words(), String.join(" and ", open)),
                    Place.NOWHERE,
                    new Why("left out of the donor", List.of(), LOOKED_AT)));
        }
    }

    private static void history(List<Finding> findings, Donor donor) {
        for (History.Check check : donor.history().checks()) {
            if (check.found() == History.Found.FAULT) {
                findings.add(Finding.statement(
                        "donor.fault",
                        Step.DONOR,
                        Severity.WATCH,
                        Phrase.of(
                                "fault: {}{}; a fault found after the mounts are welded costs far more",
                                check.what(),
                                check.note().isEmpty() ? "" : ", " + check.note()),
                        Place.NOWHERE,
                        new Why("as looked at", List.of(), LOOKED_AT)));
            }
        }
        List<String> open = History.USUAL.stream()
                .filter(what -> donor.history().checks().stream()
                        .noneMatch(check -> check.what().equals(what) && check.found() != History.Found.UNKNOWN))
                .toList();
        if (!open.isEmpty()) {
            findings.add(Finding.statement(
                    "donor.unlooked",
                    Step.DONOR,
                    Severity.NOTE,
                    Phrase.of("not looked at before it goes in: {}", String.join("; ", open)),
                    Place.NOWHERE,
                    new Why("what experienced builders look at first", List.of(), Source.commonPractice())));
        }
    }
}
