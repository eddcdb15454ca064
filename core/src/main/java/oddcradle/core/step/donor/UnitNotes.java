package oddcradle.core.step.donor;

import static oddcradle.core.finding.Why.input;

import java.util.List;
import java.util.Optional;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.job.donor.JoinedUnit;
import oddcradle.core.job.donor.Pack;
import oddcradle.core.job.donor.UnitJoint;
import oddcradle.core.math.Vec3;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.units.Quantity;

/** Several machines joined to one donor: how level, parallel and in line they lie, and what they weigh together. */
final class UnitNotes {
    /** Bolts, coupling and oil may weigh so much besides the units. */
    private static final double SAME_MASS = 0.03;

    private static final Source COMMON = Source.commonPractice();

    private UnitNotes() {}

    static void add(ReportBuilder report, Donor donor) {
        Optional<JoinedUnit> first = Pack.first(donor);
        if (first.isEmpty()) {
            return;
        }
        for (JoinedUnit unit : donor.units()) {
            lies(report, unit, first.get());
            unit.joint().ifPresent(joint -> joint(report, donor, unit, joint));
        }
        mass(report, donor);
        if (donor.units().stream().anyMatch(unit -> unit.engine().isPresent())) {
            Engine together = Pack.driving(donor);
            report.figure(
                    "most torque of all engines, at the first one's crank",
                    Quantity.torque(together.maxTorque()),
                    new Why(
                            "sum of torque · turns for one of the first engine's, each at its own speed",
                            List.of(input("at", Quantity.rotationSpeed(together.maxTorqueSpeed()))),
                            Source.derived("no losses between them")));
        }
    }

    private static void lies(ReportBuilder report, JoinedUnit unit, JoinedUnit first) {
        Vec3 axis = unit.shaft().axis().unit();
        report.figure(
                unit.label() + ", shaft out of level",
                Quantity.angle(Math.asin(Math.min(1, Math.abs(axis.z())))),
                new Why(
                        "angle between the shaft and the bench, donor axes",
                        List.of(input("up", Quantity.ratio(axis.z()))),
                        Source.derived("its direction")));
        if (unit != first) {
            report.figure(
                    unit.label() + ", shaft to that of " + first.label(),
                    Quantity.angle(unit.shaft().angleTo(first.shaft())),
                    new Why("angle between both shafts", List.of(), Source.derived("their directions")));
        }
    }

    private static void joint(ReportBuilder report, Donor donor, JoinedUnit unit, UnitJoint joint) {
        String other = donor.unit(joint.to()).orElseThrow().label();
        Place place = new Place(List.of(Subject.unit(unit.id())), List.of());
        Quantity angle = Quantity.angle(joint.angle());
        Quantity mostAngle = Quantity.angle(joint.kind().mostAngle());
        Why why = new Why(
                "angle between the two shafts, and how far the end of one lies beside the line of the other",
                List.of(input("angle", angle), input("beside", Quantity.length(joint.offset()))),
                COMMON);
        Severity bad = joint.kind() == UnitJoint.Kind.BELT_OR_CHAIN || joint.kind() == UnitJoint.Kind.COUPLING
                ? Severity.WATCH
                : Severity.STOP;
        report.atMost(
                DonorFinding.UNIT_LINE,
                bad,
                angle,
                mostAngle,
                Phrase.of(
                        "{} and {} are parallel to {}, {}",
                        unit.label(),
                        other,
                        angle,
                        joint.kind().words()),
                Phrase.of(
                        "{} stands {} crooked to {}; {} takes {}",
                        unit.label(),
                        angle,
                        other,
                        joint.kind().words(),
                        mostAngle),
                place,
                why);
        if (joint.kind().isInLine()) {
            Quantity offset = Quantity.length(joint.offset());
            Quantity mostOffset = Quantity.length(joint.kind().mostOffset());
            report.atMost(
                    DonorFinding.UNIT_LINE,
                    bad,
                    offset,
                    mostOffset,
                    Phrase.of("{} and {} are in line to {}", unit.label(), other, offset),
                    Phrase.of(
                            "the shaft of {} lies {} beside that of {}; {} takes {}",
                            unit.label(),
                            offset,
                            other,
                            joint.kind().words(),
                            mostOffset),
                    place,
                    why);
        }
    }

    private static void mass(ReportBuilder report, Donor donor) {
        Quantity together = Quantity.mass(Pack.mass(donor).mass());
        Quantity apart = Quantity.mass(Math.abs(donor.mass().mass() - together.si()));
        Why why = new Why(
                "sum of the units",
                donor.units().stream()
                        .map(unit ->
                                input(unit.label(), Quantity.mass(unit.mass().mass())))
                        .toList(),
                Source.measured());
        report.figure("all units together", together, why);
        report.atMost(
                DonorFinding.UNIT_MASS,
                Severity.WATCH,
                apart,
                Quantity.mass(SAME_MASS * donor.mass().mass()),
                Phrase.of("the units weigh together what the donor weighs"),
                Phrase.of(
                        "the units weigh {} together, the donor is written down with {}; one of them is wrong",
                        together,
                        Quantity.mass(donor.mass().mass())),
                Place.of(Subject.DONOR),
                why);
    }
}
