package oddcradle.core.frame.input;

import java.util.List;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;

/**
 * One set of loads that act together.
 *
 * @param acceleration the field that pulls on every mass, m/s2; standing still on earth it is (0, 0, -9.80665)
 */
public record FrameCase(String id, List<NodeLoad> loads, Vec3 acceleration) {
    public FrameCase {
        Guard.named("id", id);
        loads = List.copyOf(loads);
        Guard.present("acceleration", acceleration);
    }
}
