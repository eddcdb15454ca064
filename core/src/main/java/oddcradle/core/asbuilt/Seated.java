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
    public Seated {
        play = List.copyOf(play);
        left = List.copyOf(left);
        forces = List.copyOf(forces);
    }

    /** The largest that is left across a bolt, m. */
    public double worstAcross(List<Hole> holes) {
        double worst = 0;
        for (int k = 0; k < holes.size(); k++) {
            worst = Math.max(
                    worst, left.get(k).withoutPartAlong(holes.get(k).up()).length());
        }
        return worst;
    }
}
