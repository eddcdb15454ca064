package oddcradle.core.drive;

/**
 * @param pitchDiameterDriver m
 * @param pitchDiameterDriven m
 * @param ratio driven teeth over driver teeth
 * @param lengthPitches exact length of the taut chain, in pitches
 * @param lengthPitchesApprox the same by the handbook's approximation
 * @param links next even whole number of links
 * @param centreForLinks centre distance at which that chain is just taut, m
 * @param wrapDriver angle of chain on the driver, rad
 * @param wrapDriven angle of chain on the driven sprocket, rad
 * @param chainSpeed mean, m/s
 */
public record ChainResult(
        double pitchDiameterDriver,
        double pitchDiameterDriven,
        double ratio,
        double lengthPitches,
        double lengthPitchesApprox,
        int links,
        double centreForLinks,
        double wrapDriver,
        double wrapDriven,
        double chainSpeed) {}
