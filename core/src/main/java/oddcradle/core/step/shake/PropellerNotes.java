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
import oddcradle.core.structure.PropellerShaking;
import oddcradle.core.units.Quantity;

/** What of a propeller's own shaking reaches the frame at one speed. */
final class PropellerNotes {
    /** Twice as much as went in: a mode is near. */
    private static final double NEAR_A_MODE = 2;
    /** A force under this share of the weight is not felt. */
    private static final double FELT = 0.005;

    private static final double STANDARD_GRAVITY = 9.80665;

    private PropellerNotes() {}

    static void add(ReportBuilder report, Seating seating, String when, PropellerShaking shaking) {
        told(
                report,
                seating,
                when,
                shaking,
                shaking.unbalance(),
                "what balancing leaves of the propeller, once a turn",
                "have it balanced on the engine, or idle at another speed",
                new Why(
                        "F = m (e w) w, e w = 6.3 mm/s; share = force of the mounts on the frame over it",
                        List.of(
                                input("w", Quantity.rotationSpeed(shaking.speed())),
                                input(
                                        "force",
                                        Quantity.force(shaking.unbalance().force()))),
                        Source.fromMemory("ISO 21940-11, grade G 6.3")));
        told(
                report,
                seating,
                when,
                shaking,
                shaking.blades(),
                "the air's push on each blade, " + shaking.blades().perTurn() + " times a turn",
                "idle or fly at another speed, or take other mounts",
                new Why(
                        "5 % of the thrust; share = force of the mounts on the frame over it",
                        List.of(input("force", Quantity.force(shaking.blades().force()))), Source.commonPractice()));
    }

    private static void told(
            ReportBuilder report,
            Seating seating,
            String when,
            PropellerShaking shaking,
            PropellerShaking.Order order,
            String what,
            String cure,
            Why why) {
        report.figure(
                "propeller, " + order.perTurn() + " a turn, on the frame at " + when,
                Quantity.force(order.onFrame()),
                why);
        double felt = FELT * seating.mass().mass() * STANDARD_GRAVITY;
        if (order.through() > NEAR_A_MODE && order.onFrame() > felt) {
            report.atMost(
                    ShakeFinding.PROPELLER,
                    Severity.WATCH,
                    Phrase.of(
                            "{} ({}) meets a mode at {}, {}: {} of it reach the frame; {}",
                            what,
                            Quantity.frequency(order.frequency()),
                            when,
                            Quantity.rotationSpeed(shaking.speed()),
                            Quantity.share(order.through()),
                            cure),
                    Quantity.share(order.through()),
                    Quantity.share(NEAR_A_MODE),
                    Place.of(Subject.DONOR, seating.mass().cg()),
                    why);
        }
    }
}
