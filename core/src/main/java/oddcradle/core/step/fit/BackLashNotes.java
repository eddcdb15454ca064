package oddcradle.core.step.fit;

import static oddcradle.core.finding.Why.input;

import java.util.List;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.job.fit.BackLash;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.units.Quantity;

/** What there is to say of play between teeth: too little binds when warm, too much knocks, and play that changes round a turn is a gear or a face out of true. */
final class BackLashNotes {
    private static final Source SOURCE = Source.fromMemory("ISO/TR 10064-2; the gears' maker goes first");

    /** Of the least: more knocks; common practice. */
    private static final double KNOCKS = 3;

    /** Of the least, how much it may change round a turn; common practice. */
    private static final double EVEN = 0.5;

    /** Play for each length that the centres part, teeth of 20 degrees. */
    private static final double BY_CENTRES = 2 * Math.tan(Math.toRadians(20));

    private BackLashNotes() {}

    static void say(BackLash found, ReportBuilder report) {
        // Across the tooth by a dial: the least of the standard is square to the flank.
        double wanted =
                (2.0 / 3) * (60e-6 + 0.0005 * found.centres() + 0.03 * found.module()) / Math.cos(Math.toRadians(20));
        Quantity least = Quantity.fine(found.least());
        Quantity most = Quantity.fine(found.most());
        Quantity limit = Quantity.fine(wanted);
        Why why = new Why(
                "2/3 (0.06 mm + 0.0005 a + 0.03 m) / cos 20°",
                List.of(
                        input("a", Quantity.length(found.centres())),
                        input("m", Quantity.fine(found.module())),
                        input("most found", most)),
                SOURCE);
        Place place = Place.of(Subject.LINE);
        report.atLeast(
                FitFinding.BACK_LASH,
                Severity.WATCH,
                least,
                limit,
                Phrase.of("{}: play of the teeth {} at the tightest", found.label(), least),
                Phrase.of(
                        "{}: play of the teeth only {} at the tightest, {} is wanted; it binds when warm. Part the centres by {}, by shims or a thicker gasket",
                        found.label(),
                        least,
                        limit,
                        Quantity.fine((wanted - found.least()) / BY_CENTRES)),
                place,
                why);
        if (found.most() > KNOCKS * wanted) {
            report.say(
                    FitFinding.BACK_LASH,
                    Severity.WATCH,
                    Phrase.of(
                            "{}: play of the teeth {} at the loosest; it knocks when the load turns round. Bring the centres nearer by {}, or the teeth are worn",
                            found.label(),
                            most,
                            Quantity.fine((found.most() - KNOCKS * wanted) / BY_CENTRES)),
                    place,
                    why);
        }
        Quantity differs = Quantity.fine(found.most() - found.least());
        if (differs.si() > EVEN * wanted) {
            report.say(
                    FitFinding.BACK_LASH,
                    Severity.WATCH,
                    Phrase.of(
                            "{}: its play changes by {} round one turn; a gear runs out or sits on dirt: mend that before the centres are moved",
                            found.label(),
                            differs),
                    place,
                    why);
        }
    }
}
