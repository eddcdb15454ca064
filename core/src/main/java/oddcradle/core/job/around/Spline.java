package oddcradle.core.job.around;

import io.soabase.recordbuilder.core.RecordBuilder;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;

/**
 * A splined joint of a shaft that is made longer, or that slides while the engine moves.
 *
 * @param at its middle, donor axes, m
 * @param axis of the shaft, donor axes
 * @param diameter of the splines where they bear, m
 * @param teeth of them
 * @param height of a tooth that bears, m
 * @param engaged length that bears with the engine at rest, m
 * @param torque that it carries, N m
 * @param runOut read by a dial at its free end, high less low, m; 0, and so if left out, where nobody has read it
 */
@RecordBuilder
public record Spline(
        String id,
        String label,
        Vec3 at,
        Vec3 axis,
        double diameter,
        int teeth,
        double height,
        double engaged,
        double torque,
        Double runOut)
        implements SplineBuilder.With {
    private static final int MOST_TEETH = 200;

    public Spline {
        Guard.named("id", id);
        Guard.named("label", label);
        Guard.present("at", at);
        Guard.present("axis", axis).unit();
        Guard.size("diameter", diameter);
        Guard.within("teeth", teeth, 3, MOST_TEETH, "teeth");
        Guard.positive("height", height, "m");
        Guard.within("height", height, 0, diameter / 2, "m");
        Guard.within("engaged", engaged, 0, 1, "m");
        Guard.within("torque", torque, 0, 1e5, "N m");
        runOut = runOut == null ? 0.0 : Guard.within("runOut", runOut, 0, 0.05, "m");
    }
}
