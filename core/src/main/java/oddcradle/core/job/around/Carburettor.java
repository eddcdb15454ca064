package oddcradle.core.job.around;

import io.soabase.recordbuilder.core.RecordBuilder;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;

/**
 * A carburettor with a float.
 *
 * @param jet diameter of the main jet that was right, m
 * @param altitude where it was right, m
 * @param temperature of the air there, K
 * @param siteAltitude where it runs now, m
 * @param siteTemperature of the air there, K
 * @param freer more area of the jet for a freer exhaust or intake, a share: by trial, some 5 to 10 % (common practice); the venturi itself
 *     follows the air
 * @param floatToJet from the float's middle to the main jet, donor axes, m
 * @param tilt farthest it may lean from how its maker stood it, rad
 * @param depth of fuel over the main jet, standing level, m
 */
@RecordBuilder
public record Carburettor(
        double jet,
        double altitude,
        double temperature,
        double siteAltitude,
        double siteTemperature,
        double freer,
        Vec3 floatToJet,
        double tilt,
        double depth)
        implements CarburettorBuilder.With {
    private static final double LARGEST_JET = 0.003;

    public Carburettor {
        Guard.within("jet", jet, 0.0002, LARGEST_JET, "m");
        Guard.within("altitude", altitude, -500, 9000, "m");
        Guard.within("temperature", temperature, 200, 340, "K");
        Guard.within("siteAltitude", siteAltitude, -500, 9000, "m");
        Guard.within("siteTemperature", siteTemperature, 200, 340, "K");
        Guard.within("freer", freer, -0.5, 0.5, "");
        Guard.present("floatToJet", floatToJet);
        Guard.within("tilt", tilt, 0.01, Math.PI / 2, "rad");
        Guard.within("depth", depth, 0.001, 0.2, "m");
    }
}
