package oddcradle.core.survey;

/**
 * A slip that would explain a wrong reading.
 *
 * @param mended the reading as it was probably meant
 * @param standardised residual of the mended reading as a ratio to its spread
 */
public record SlipCure(Slip slip, Reading mended, double standardised) {
    double score() {
        return standardised * standardised + slip.rarity();
    }
}
