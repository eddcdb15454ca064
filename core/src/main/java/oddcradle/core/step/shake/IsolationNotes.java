package oddcradle.core.step.shake;

import static oddcradle.core.finding.Why.input;

import java.util.List;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.placement.Seating;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.structure.EngineShaking;
import oddcradle.core.units.Quantity;

/** What of the engine's shaking at one speed reaches the frame: the order of torque and that of force which do most there. */
final class IsolationNotes {
    private static final Source ISOLATION = Source.fromMemory("Harris' Shock and Vibration Handbook, ch. 2 and 30");
    /** Near a mode, where a little more or less of anything shakes the machine to pieces. */
    private static final double RESONANT = 3;

    private final ReportBuilder report;
    private final Seating seating;
    /** What the rubber stands on. */
    private final String ground;

    private final String when;
    private final EngineShaking shaking;
    private final double limit;

    /** @param limit of the share that reaches the frame */
    IsolationNotes(ReportBuilder report, ShakeReport.Input input, String when, EngineShaking shaking, double limit) {
        this.report = report;
        this.seating = input.seating();
        this.ground = input.feet().isPresent() ? "floor" : "frame";
        this.when = when;
        this.shaking = shaking;
        this.limit = limit;
    }

    void torque(ShakeFinding finding) {
        EngineShaking.Order order = shaking.governingTorque();
        Why why = new Why(
                "torque about the crank by order, gas and inertia; share = moment of the mounts on the frame about the same axis over"
                        + " it, stiffness k (1 + i loss) as it is while shaking",
                List.of(
                        input("order " + order.words(), Quantity.frequency(order.frequency())),
                        input("torque of the order", Quantity.torque(order.torque())),
                        input("on the " + ground, Quantity.torque(order.torqueOnFrame()))),
                ISOLATION);
        report.figure("torque transmissibility at " + when, Quantity.share(order.torqueThrough()), why);
        report.figure(
                "torque on the " + ground + " at " + when + ", order " + order.words(),
                Quantity.torque(order.torqueOnFrame()),
                why);
        judge(finding, "torque transmissibility", order, order.torqueThrough(), why);
    }

    /** A mount that is just soft enough in a warm shop. */
    void cold(EngineShaking frozen) {
        EngineShaking.Order order = frozen.governingTorque();
        Why why = new Why(
                "rubber 1.25, urethane 1.6, silicone 1.05 times as stiff at -10 °C as in a warm shop",
                List.of(
                        input("order " + order.words(), Quantity.frequency(order.frequency())),
                        input("on the " + ground, Quantity.torque(order.torqueOnFrame()))),
                Source.commonPractice());
        report.figure("torque transmissibility at " + when + ", -10 °C", Quantity.share(order.torqueThrough()), why);
        if (shaking.governingTorque().torqueThrough() <= limit && order.torqueThrough() > limit) {
            report.say(
                    ShakeFinding.COLD,
                    Severity.NOTE,
                    Phrase.of(
                            "in frost, at -10 °C, {} of order {} reach the {} at {}: it shakes until the mounts are warm",
                            Quantity.share(order.torqueThrough()),
                            order.words(),
                            ground,
                            when),
                    Place.of(Subject.DONOR, seating.mass().cg()),
                    why);
        }
    }

    /** Nothing where no force of inertia is worth a word beside the donor's weight. */
    void force(ShakeFinding finding) {
        shaking.governingForce(seating.mass().mass()).ifPresent(order -> {
            Why why = new Why(
                    "force of what goes to and fro, by order; share = force of the mounts on the frame over it",
                    List.of(
                            input("order " + order.words(), Quantity.frequency(order.frequency())),
                            input("force of the order", Quantity.force(order.force())),
                            input("on the " + ground, Quantity.force(order.forceOnFrame()))),
                    ISOLATION);
            report.figure(
                    "inertia force on the " + ground + " at " + when + ", order " + order.words(),
                    Quantity.force(order.forceOnFrame()),
                    why);
            judge(finding, "inertia force", order, order.forceThrough(), why);
        });
    }

    private void judge(ShakeFinding finding, String what, EngineShaking.Order order, double through, Why why) {
        boolean quiet = through <= limit;
        report.atMost(
                finding,
                quiet ? Severity.GOOD : through > RESONANT ? Severity.STOP : Severity.WATCH,
                Phrase.of(
                        through > 1
                                ? "{} at {}, {}: {} of order {} ({}) reach the {}; the mounts amplify, {} is the most"
                                : "{} at {}, {}: {} of order {} ({}) reach the {}; {} is the most",
                        what,
                        when,
                        Quantity.rotationSpeed(shaking.speed()),
                        Quantity.share(through),
                        order.words(),
                        Quantity.frequency(order.frequency()),
                        ground,
                        Quantity.share(limit)),
                Quantity.share(through),
                Quantity.share(limit),
                Place.of(Subject.DONOR, seating.mass().cg()),
                why);
    }
}
