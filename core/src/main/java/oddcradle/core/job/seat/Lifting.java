package oddcradle.core.job.seat;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;

/**
 * Where the straps go and how the donor is to hang.
 *
 * @param points of the donor; the bosses where left out
 * @param hook height of the hook above the centre of gravity, m
 * @param pitch nose down while it hangs, rad
 * @param roll right side down while it hangs, rad
 */
@RecordBuilder
public record Lifting(List<Point> points, double hook, double pitch, double roll) implements LiftingBuilder.With {
    private static final int MOST_POINTS = 4;
    private static final double HIGHEST = 5;

    /** By its bosses, level, the hook 0.6 m above the weight. */
    public static final Lifting USUAL = new Lifting(List.of(), 0.6, 0, 0);

    /** @param position donor axes, m */
    public record Point(String id, Vec3 position) {
        public Point {
            Guard.named("id", id);
            Guard.present("position", position);
        }
    }

    public Lifting {
        points = points == null ? List.of() : List.copyOf(points);
        Guard.positive("hook", hook, "m");
        Guard.within("hook", hook, 0, HIGHEST, "m");
        Guard.within("pitch", pitch, -Math.PI / 2, Math.PI / 2, "rad");
        Guard.within("roll", roll, -Math.PI / 2, Math.PI / 2, "rad");
        if (points.size() == 1 || points.size() > MOST_POINTS) {
            throw new InvalidValue("points", "are " + points.size() + ", a sling has two, three or four");
        }
    }

    public Lifting with(double newHook, double newPitch, double newRoll) {
        return new Lifting(points, newHook, newPitch, newRoll);
    }
}
