package oddcradle.core.job.load;

import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;

/**
 * Loads that act together.
 *
 * @param field what pulls on every mass, in g, host axes; standing still is (0, 0, -1)
 * @param drive share of the most that the drive puts through, -1 to 1; negative when the wheels drive the engine
 */
public record LoadCase(String id, String label, Vec3 field, double drive) {
    private static final double MOST_G = 50;

    public LoadCase {
        Guard.named("id", id);
        Guard.named("label", label);
        Guard.present("field", field);
        Guard.within("field", field.length(), 0, MOST_G, "g");
        Guard.within("chainPull", drive, -1, 1, "");
    }
}
