package oddcradle.core.survey;

import java.util.List;

/**
 * A reading that does not agree with the others.
 *
 * <p>Off by reading less prediction, by definition.
 *
 * @param expected what the others predict for it, m or rad
 * @param expectedSigma of what the others predict, m or rad
 * @param alone false if the readings cannot tell this one from other suspects
 * @param cures slips that would explain it, the likeliest first
 */
public record Suspect(Reading reading, double expected, double expectedSigma, boolean alone, List<SlipCure> cures) {
    public Suspect {
        cures = List.copyOf(cures);
    }

    /** How far the reading is off, m or rad. */
    public double off() {
        return Observation.of(reading).value() - expected;
    }
}
