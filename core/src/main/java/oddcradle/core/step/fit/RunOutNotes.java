package oddcradle.core.step.fit;

import static oddcradle.core.finding.Why.input;

import java.util.List;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.job.fit.RunOut;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;

/**
 * What there is to say of what was found not to run true. A coupling that is lined up by dials is lined up to the hub, not to the shaft, as long as the
 * hub runs out; so this comes before the shafts.
 */
final class RunOutNotes {
    /** Of the diameter, a ratio: 0.2 mm at an SAE 4 housing of 362 mm; SAE J1033, from memory. */
    private static final double BY_DIAMETER = 0.00055;
    /** m; common practice. */
    private static final double SHAFT_END = 1e-4;
    /** 1/16 in, m; AC 43.13-1B, from memory. */
    private static final double TRACK = 0.0016;
    /** Of one; common practice. */
    private static final double TAPER = 0.75;

    private static final double TEETH = 0.6;

    private RunOutNotes() {}

    static void say(List<RunOut> runOuts, ReportBuilder report) {
        runOuts.forEach(each -> say(each, report));
    }

    private static void say(RunOut found, ReportBuilder report) {
        Quantity read = new Quantity(found.read(), found.of().measures());
        Quantity limit = new Quantity(limit(found), found.of().measures());
        Why why = new Why(
                found.of().goesByDiameter() ? "0.00055 x diameter" : "as read",
                found.of().goesByDiameter()
                        ? List.of(input("diameter", Quantity.length(found.diameter())))
                        : List.of(input("read", read)),
                source(found.of()));
        Phrase good = Phrase.of("{}: {}, {}", found.label(), found.of().word(), read);
        Phrase bad = Phrase.of(
                "{}: {}, {}; {} is wanted. {}", found.label(), found.of().word(), read, limit, cure(found.of()));
        if (found.of().measures() == Kind.SHARE) {
            report.atLeast(FitFinding.RUN_OUT, Severity.WATCH, read, limit, good, bad, Place.of(Subject.LINE), why);
        } else {
            report.atMost(FitFinding.RUN_OUT, Severity.WATCH, read, limit, good, bad, Place.of(Subject.LINE), why);
        }
    }

    private static double limit(RunOut found) {
        return switch (found.of()) {
            case FLYWHEEL_FACE, REGISTER -> BY_DIAMETER * found.diameter();
            case SHAFT_END -> SHAFT_END;
            case PROPELLER_TRACK -> TRACK;
            case TAPER_CONTACT -> TAPER;
            case TOOTH_CONTACT -> TEETH;
        };
    }

    private static Source source(RunOut.Of of) {
        return switch (of) {
            case FLYWHEEL_FACE, REGISTER -> Source.fromMemory("SAE J1033, housings and flywheels");
            case PROPELLER_TRACK -> Source.fromMemory("AC 43.13-1B; the propeller maker's figure goes first");
            default -> Source.commonPractice();
        };
    }

    private static String cure(RunOut.Of of) {
        return switch (of) {
            case FLYWHEEL_FACE ->
                "Off again: dirt or a burr under it, bolts crosswise; else faced in the lathe on its own register";
            case REGISTER ->
                "Loosen the housing, knock it true by dial, ream for dowels; lining up the coupling on a hub that runs out lines up the hub, not the shaft";
            case SHAFT_END -> "Straighten or turn a new end before anything is lined up to it";
            case PROPELLER_TRACK ->
                "Bolts first, then the hub's faces, then shims behind one blade's side as its maker allows; bent blades go to a licensed shop";
            case TAPER_CONTACT -> "Lap it with fine paste, key out, and blue it again: the taper carries, not the key";
            case TOOTH_CONTACT ->
                "The face was machined out of square, or shims are missing: mend the face before the teeth pit";
        };
    }
}
