package oddcradle.core.survey;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.geometry.BestFit;

/**
 * A maker's hole pattern laid on the measured holes.
 *
 * @param off distance that remains at each hole after the best fit, m
 * @param allowed tolerance and three standard uncertainties of each hole, together as root of squares, m
 */
public record PatternCheck(HolePattern pattern, List<Double> off, List<Double> allowed) {
    private static final double DEVIATIONS = 3;

    public PatternCheck {
        off = List.copyOf(off);
        allowed = List.copyOf(allowed);
    }

    /** @param points of the pattern, in its order */
    static PatternCheck of(HolePattern pattern, List<AdjustedPoint> points) {
        BestFit fit = BestFit.of(
                pattern.places(), points.stream().map(AdjustedPoint::position).toList());
        List<Double> allowed = new ArrayList<>();
        for (AdjustedPoint point : points) {
            allowed.add(Math.hypot(pattern.tolerance(), DEVIATIONS * point.worstSigma()));
        }
        return new PatternCheck(pattern, fit.residuals(), allowed);
    }

    /** Index of the hole that exceeds its allowance most, or comes nearest to it. */
    public int worst() {
        int worst = 0;
        for (int k = 1; k < off.size(); k++) {
            if (off.get(k) - allowed.get(k) > off.get(worst) - allowed.get(worst)) {
                worst = k;
            }
        }
        return worst;
    }

    public boolean agrees() {
        return off.get(worst()) <= allowed.get(worst());
    }
}
