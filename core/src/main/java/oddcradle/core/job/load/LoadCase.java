package oddcradle.core.job.load;

import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;

/**
 * Loads that act together.
 *
 * @param field what pulls on every mass, in g, host axes; standing still is (0, 0, -1)
 * @param chainPull share of the full-throttle chain pull, 0 to 1
 */
public record LoadCase(String id, String label, Vec3 field, double chainPull) {
    private static final double MOST_G = 50;

    public LoadCase {
        Guard.named("id", id);
        Guard.named("label", label);
        Guard.present("field", field);
        Guard.within("field", field.length(), 0, MOST_G, "g");
        Guard.within("chainPull", chainPull, 0, 1, "");
    }
}
