package oddcradle.core.finding;

import java.util.Optional;
import oddcradle.core.units.Quantity;

/**
 * One judgement: what was found, by how much against which limit, where, and why.
 *
 * @param code stable name of the kind of finding, for tests and programs, for example {@code line.offset}
 * @param measured the value judged; empty where the finding is not about a number
 * @param limit what it was held against
 * @param margin positive inside the limit, negative outside, in the same unit; empty where there is no limit
 */
public record Finding(
        FindingCode code,
        Step step,
        Severity severity,
        Phrase what,
        Optional<Quantity> measured,
        Optional<Quantity> limit,
        Optional<Quantity> margin,
        Place where,
        Why why) {

    /** A value that must not exceed a limit. */
    public static Finding atMost(
            FindingCode code,
            Step step,
            Severity severity,
            Phrase what,
            Quantity measured,
            Quantity limit,
            Place where,
            Why why) {
        Quantity margin = new Quantity(limit.si() - Math.abs(measured.si()), limit.kind());
        return new Finding(
                code, step, severity, what, Optional.of(measured), Optional.of(limit), Optional.of(margin), where, why);
    }

    /** A value that must not fall below a limit. */
    public static Finding atLeast(
            FindingCode code,
            Step step,
            Severity severity,
            Phrase what,
            Quantity measured,
            Quantity limit,
            Place where,
            Why why) {
        Quantity margin = new Quantity(measured.si() - limit.si(), limit.kind());
        return new Finding(
                code, step, severity, what, Optional.of(measured), Optional.of(limit), Optional.of(margin), where, why);
    }

    /** A statement without a limit. */
    public static Finding statement(FindingCode code, Step step, Severity severity, Phrase what, Place where, Why why) {
        return new Finding(
                code, step, severity, what, Optional.empty(), Optional.empty(), Optional.empty(), where, why);
    }
}
