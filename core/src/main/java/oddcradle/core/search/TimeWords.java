package oddcradle.core.search;

import java.util.List;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Why;
import oddcradle.core.units.Quantity;

/** What happened in time, in a builder's words. */
public final class TimeWords {
    /** Said once where no mount has one. */
    public static final String NO_SNUBBER = "No mount has a snubber: give its free way at Cradle, Hardware.";

    private static final Source MODEL = Source.derived(
            "donor as a rigid body on mounts as stiff as they are while they shake, each mode with their loss; a snubber is ten times as stiff as its mount"
                    + " (common practice); the frame as stiff, a machine on rubber feet as a second body");

    private TimeWords() {}

    /** How far the engine goes and what a mount gets. */
    public static Phrase moves(ShakeInTime.Event event) {
        return Phrase.of(
                "the output shaft goes {} from where it stands; {} gets {}",
                Quantity.length(event.travel()),
                event.mount(),
                Quantity.force(event.force()));
    }

    /** The pair that comes nearest to what it needs, if any comes nearer. */
    public static Phrase near(ShakeInTime.Event event) {
        return event.near()
                .map(near -> Phrase.of(
                        near.left() < 0
                                ? "{} meets {}: {} at rest, {} too little; it needs {}"
                                : "{} to {}: {} at rest, {} at its nearest; it needs {}",
                        near.part(),
                        near.obstacle(),
                        Quantity.length(near.atRest()),
                        Quantity.length(Math.abs(near.left())),
                        Quantity.length(near.needed())))
                .orElse(Phrase.of("No pair of the list of gaps comes nearer."));
    }

    /** How much of the free way of a snubber is used up. */
    public static Phrase snubber(ShakeInTime.Event event) {
        if (event.used().isEmpty()) {
            return Phrase.of("The rubber stretches by {}.", Quantity.length(event.stretch()));
        }
        double used = event.used().getAsDouble();
        return used > 1
                ? Phrase.of("The snubber is met; the rubber stretches by {}.", Quantity.length(event.stretch()))
                : Phrase.of(
                        "{} of the free way to a snubber is used up; the rubber stretches by {}.",
                        Quantity.share(used),
                        Quantity.length(event.stretch()));
    }

    /** Beside what the list of gaps counts with. */
    public static Phrase counted(ShakeInTime.Event event) {
        return Phrase.of(
                event.travel() > event.counted()
                        ? "The list of gaps counts {} for this point and way, which is less: look at what stands near."
                        : "The list of gaps counts {} for this point and way.",
                Quantity.length(event.counted()));
    }

    public static Why why(ShakeInTime.Event event) {
        return new Why(
                "greatest on the way, followed in time: " + event.how(),
                List.of(
                        Why.input("stretch of the rubber", Quantity.length(event.stretch())),
                        Why.input("counted at Seat, Gaps", Quantity.length(event.counted()))),
                MODEL);
    }
}
