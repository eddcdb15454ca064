package oddcradle.core.survey;

/**
 * A slip that would explain a wrong reading.
 *
 * @param mended the reading as it was probably meant
 * @param standardised distance of the mended reading from what the others predict, in standard deviations
 */
public record SlipCure(Slip slip, Reading mended, double standardised) {
    double score() {
        return standardised * standardised + slip.rarity();
    }
}
