package oddcradle.core.step.cradle;

import static oddcradle.core.finding.Why.input;

import java.util.List;
import oddcradle.core.catalog.ScrewThread;
import oddcradle.core.finding.Figure;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Why;
import oddcradle.core.hardware.MountDesign;
import oddcradle.core.joint.BoltStack;
import oddcradle.core.joint.BoltStrength;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.units.Quantity;

/** The numbers of one mount. */
final class MountFigures {
    private static final Source STACK = Source.derived("thicknesses along the bolt");

    private static final Why STUD = new Why(
            "0.2 F d, F half the proof of soft steel, 225 MPa: the bond takes no torque; the stud's own rating goes before",
            List.of(),
            Source.commonPractice());

    private MountFigures() {}

    static void add(ReportBuilder report, MountDesign design) {
        String id = design.isolator().id();
        BoltStack stack = design.stack();
        report.figures(List.of(
                new Figure(
                        id + " tab, worst " + design.tab().worst(),
                        Quantity.share(design.tab().utilisation()),
                        MountNotes.tabWhy(design.tab())),
                new Figure(
                        id + " bolt " + stack.bolt().mark(),
                        Quantity.share(design.bolt().utilisation()),
                        new Why(
                                "hypot(tension / proof, shear / 0.577 proof), by the factor",
                                List.of(
                                        input(
                                                "tension",
                                                Quantity.force(design.bolt().tension())),
                                        input(
                                                "shear",
                                                Quantity.force(design.bolt().shear()))),
                                Source.fromMemory("Shigley, Mechanical Engineering Design"))),
                new Figure(
                        id + (stack.isBonded() ? " tighten to, at most" : " tighten to, dry"),
                        Quantity.torque(stack.tighteningTorque()),
                        stack.isBonded() ? STUD : bolt(stack)),
                new Figure(
                        id + " stack between head and nut",
                        Quantity.length(stack.grip()),
                        new Why(
                                "sum of what the bolt clamps",
                                List.of(
                                        input("sleeve", Quantity.length(stack.sleeve())),
                                        input("spacer", Quantity.length(stack.spacer())),
                                        input("hole", Quantity.length(stack.hole()))),
                                STACK))));
    }

    private static Why bolt(BoltStack stack) {
        return stack.thread()
                .aircraftTorque()
                .map(MountFigures::aircraft)
                .orElseGet(() -> new Why(
                        "0.2 F d, F three quarters of proof; the maker's figure goes before",
                        List.of(input("F", Quantity.force(BoltStrength.preload(stack.thread(), stack.grade())))),
                        Source.commonPractice()));
    }

    private static Why aircraft(ScrewThread.TorqueRange range) {
        return new Why(
                "middle of the range for this thread, the locking nut's own drag added; the maker's figure goes before",
                List.of(input("from", Quantity.torque(range.low())), input("to", Quantity.torque(range.high()))),
                Source.fromMemory("FAA AC 43.13-1B, table 7-1, tension nuts, dry"));
    }
}
