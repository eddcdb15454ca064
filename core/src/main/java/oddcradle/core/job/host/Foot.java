package oddcradle.core.job.host;

import io.soabase.recordbuilder.core.RecordBuilder;
import oddcradle.core.math.Guard;
import oddcradle.core.mounting.MountElement;

/**
 * Rubber between a support and the ground, its axis upright.
 *
 * @param element what gives in it
 * @param loss structural loss factor of the rubber, 0 to 1
 */
@RecordBuilder
public record Foot(MountElement element, double loss) implements FootBuilder.With {
    public Foot {
        Guard.present("pad", element);
        Guard.within("loss", loss, 0, 1, "");
    }
}
