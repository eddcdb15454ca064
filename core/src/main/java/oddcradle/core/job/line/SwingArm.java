package oddcradle.core.job.line;

import java.util.List;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Measured;

/**
 * The arm that carries the driven axle.
 *
 * @param pivot on its axis, host axes, m
 * @param length from pivot to axle, m
 * @param lowest angle below level, axle lowest, rad; positive with the axle under the pivot
 * @param highest angle below level, axle highest; less than {@code lowest}
 * @param aft whether the axle is behind the pivot
 */
public record SwingArm(Vec3 pivot, double length, double lowest, double highest, boolean aft)
        implements Measured<SwingArm> {
    private static final double STEEPEST = 1.2;

    public SwingArm {
        Guard.present("pivot", pivot);
        Guard.positive("length", length, "m");
        Guard.within("lowest", lowest, -STEEPEST, STEEPEST, "rad");
        Guard.within("highest", highest, -STEEPEST, STEEPEST, "rad");
        if (highest >= lowest) {
            throw new InvalidValue(
                    "highest",
                    "is " + highest + " rad below level, must be less than lowest, " + lowest + " rad; swap them");
        }
    }

    @Override
    public List<Measure> measures() {
        return List.of(
                Measure.of("pivot forward", Kind.LENGTH, pivot.x()),
                Measure.of("pivot left", Kind.LENGTH, pivot.y()),
                Measure.of("pivot up", Kind.LENGTH, pivot.z()),
                Measure.of("arm length", Kind.LENGTH, length),
                Measure.of("lowest, below level", Kind.ANGLE, lowest),
                Measure.of("highest, below level", Kind.ANGLE, highest));
    }

    @Override
    public SwingArm with(List<Double> v) {
        return new SwingArm(new Vec3(v.get(0), v.get(1), v.get(2)), v.get(3), v.get(4), v.get(5), aft);
    }
}
