package oddcradle.core.asbuilt;

import java.util.List;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.SmallMotion;

/**
 * A body bolted down.
 *
 * <p>Distances are differences of places, by definition.
 *
 * @param motion from where it was drawn to where it lies
 * @param play what each bolt takes up in its holes, m
 * @param left what is left between boss and hole beyond that, m: what bends mount and frame
 * @param forces of the body on each mount that stay while the bolts are tight, N
 */
public record Seated(SmallMotion motion, List<Vec3> play, List<Vec3> left, List<Vec3> forces) {
    /** A bolt that lacks less across goes in with a tap, m; common practice. */
    public static final double WITH_A_TAP = 0.0001;

    public Seated {
        play = List.copyOf(play);
        left = List.copyOf(left);
        forces = List.copyOf(forces);
    }

    /** What is left across a bolt, m. */
    public double across(List<Hole> holes, int bolt) {
        return left.get(bolt).withoutPartAlong(holes.get(bolt).up()).length();
    }

    /** The bolt across which most is left. */
    public int worst(List<Hole> holes) {
        int worst = 0;
        for (int k = 1; k < holes.size(); k++) {
            if (across(holes, k) > across(holes, worst)) {
                worst = k;
            }
        }
        return worst;
    }

    /** The largest that is left across a bolt, m. */
    public double worstAcross(List<Hole> holes) {
        return across(holes, worst(holes));
    }
}
