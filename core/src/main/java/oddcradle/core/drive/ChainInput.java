package oddcradle.core.drive;

import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;

/**
 * A roller chain on two sprockets whose planes coincide.
 *
 * @param pitch m
 * @param teethDriver at least 6
 * @param teethDriven at least 6
 * @param centre centre distance, m, more than the pitch radii together
 * @param rpmDriver speed of the driver, turns a minute
 */
public record ChainInput(double pitch, int teethDriver, int teethDriven, double centre, double rpmDriver) {
    private static final int FEWEST_TEETH = 6;
    private static final int MOST_TEETH = 500;

    public ChainInput {
        Guard.positive("pitch", pitch, "m");
        requireTeeth("teeth_driver", teethDriver);
        requireTeeth("teeth_driven", teethDriven);
        Guard.positive("centre", centre, "m");
        Guard.notNegative("rpm_driver", rpmDriver, "1/min");
        double least =
                RollerChain.pitchDiameter(pitch, teethDriver) / 2 + RollerChain.pitchDiameter(pitch, teethDriven) / 2;
        if (centre <= least) {
            throw new InvalidValue(
                    "centre",
                    "is " + centre + " m, must be more than the two pitch radii together, " + least
                            + " m; the sprockets overlap");
        }
    }

    private static void requireTeeth(String field, int teeth) {
        if (teeth < FEWEST_TEETH || teeth > MOST_TEETH) {
            throw new InvalidValue(
                    field, "is " + teeth + ", must lie between " + FEWEST_TEETH + " and " + MOST_TEETH + " teeth");
        }
    }
}
