package oddcradle.core.job.make;

import io.soabase.recordbuilder.core.RecordBuilder;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;

/**
 * A die of the shop's tube bender.
 *
 * @param od outside of the tube that it takes, m
 * @param radius of the tube's centre line, m
 * @param springback share of the machine's angle that comes back, 0 to 0.3; tried on an off-cut of the same tube
 * @param straight least length that must stay straight beside a bend so that it can be held, m
 */
@RecordBuilder
public record Die(double od, double radius, double springback, double straight) implements DieBuilder.With {
    private static final double MOST_SPRINGBACK = 0.3;

    public Die {
        Guard.size("od", od);
        Guard.size("radius", radius);
        if (!(radius > od / 2)) {
            throw new InvalidValue(
                    "radius",
                    "is " + radius + " m on the centre line, must be more than half the tube, " + od / 2 + " m");
        }
        Guard.within("springback", springback, 0, MOST_SPRINGBACK, "");
        Guard.notNegative("straight", straight, "m");
    }
}
