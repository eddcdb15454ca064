package oddcradle.core.vibration;

import java.util.Optional;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;

/**
 * A mass on a spring that an unbalance shakes while its speed goes linearly in time from one value to another, up or down; from rest.
 *
 * @param mass kg
 * @param stiffness N/m
 * @param damping N s/m, 0 or more
 * @param unbalance mass times radius, kg m
 * @param snubber stops that the mass runs into
 * @param from angular speed at the beginning, rad/s, 0 or more
 * @param to angular speed at the end, rad/s, 0 or more
 * @param duration s
 */
public record RunUp(
        double mass,
        double stiffness,
        double damping,
        double unbalance,
        Optional<Snubber> snubber,
        double from,
        double to,
        double duration) {
    public RunUp {
        Guard.positive("mass", mass, "kg");
        Guard.positive("stiffness", stiffness, "N/m");
        Guard.notNegative("damping", damping, "N s/m");
        Guard.notNegative("unbalance", unbalance, "kg m");
        Guard.notNegative("rpm_start", from, "rad/s");
        Guard.notNegative("rpm_end", to, "rad/s");
        Guard.positive("duration", duration, "s");
        if (from == 0 && to == 0) {
            throw new InvalidValue("rpm_end", "is 0 like rpm_start: nothing turns");
        }
    }

    /**
     * Springs that are met after a gap on either side.
     *
     * @param stiffness besides that of the mount, N/m
     * @param gapPlus free way to the positive side, m, 0 or more
     * @param gapMinus free way to the negative side, m, 0 or more
     */
    public record Snubber(double stiffness, double gapPlus, double gapMinus) {
        public Snubber {
            Guard.notNegative("snubber.stiffness", stiffness, "N/m");
            Guard.notNegative("snubber.gap_plus", gapPlus, "m");
            Guard.notNegative("snubber.gap_minus", gapMinus, "m");
        }

        /** N at a displacement, m. */
        double force(double x) {
            return x > gapPlus ? stiffness * (x - gapPlus) : x < -gapMinus ? stiffness * (x + gapMinus) : 0;
        }
    }

    /**
     * @param displacement greatest, either way, m
     * @param time of it, s
     * @param speed at that time, rad/s
     * @param force greatest on the base, through mount and snubber, N
     */
    public record Peaks(double displacement, double time, double speed, double force) {}
}
