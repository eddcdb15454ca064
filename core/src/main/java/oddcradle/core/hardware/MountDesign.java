package oddcradle.core.hardware;

import java.util.Optional;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.tube.Member;
import oddcradle.core.joint.BoltStack;
import oddcradle.core.joint.BoltStrength;
import oddcradle.core.joint.Collar;
import oddcradle.core.joint.Outline;
import oddcradle.core.joint.Tab;
import oddcradle.core.math.Vec3;

/**
 * One mount worked out to the last washer.
 *
 * @param tube that carries it
 * @param through whether the bolt goes through the tube; else a tab stands off it
 * @param at middle of the boss's hole, host axes, m
 * @param axis of its bolt, host axes, from the lug towards the frame
 * @param face middle of the lug's face that looks at the frame, host axes, m: the zero of the stack
 * @param towards from the tube's middle to the bolt, host axes, square to the bolt; zero where it goes through the tube
 * @param along what the rubber moves along the bolt, m
 * @param across m
 * @param ears bolt of the bracket on the engine where its hole lies across the mount's axis
 * @param collar that the bolt needs in the boss's bore
 */
public record MountDesign(
        Isolator isolator,
        Member tube,
        boolean through,
        Vec3 at,
        Vec3 axis,
        Vec3 face,
        Vec3 towards,
        double along,
        double across,
        Tab tab,
        BoltStack stack,
        BoltStrength bolt,
        Optional<BoltStack> ears,
        Optional<Collar> collar) {
    /** Of the plate on the frame: a tab that stands off, or a seat on the tube. */
    public Outline outline() {
        return through ? Outline.seat(2 * tab.edge(), stack.hole()) : tab.outline();
    }
}
