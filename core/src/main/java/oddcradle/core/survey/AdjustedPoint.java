package oddcradle.core.survey;

import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;

/**
 * Where a point is and how well that is known.
 *
 * <p>Uncertainties are roots of variances, by definition; the worst is the largest principal one.
 *
 * @param position body axes, m
 * @param covariance of the position, m2; zero for a fixed point
 * @param known false if the readings leave it free to move in some direction; then {@code covariance} says nothing
 */
public record AdjustedPoint(String id, String label, Vec3 position, Mat3 covariance, boolean known) {
    /** Standard uncertainty along an axis of the body, m; infinite if the point is not known. */
    public double sigma(DatumPlane plane) {
        int axis = plane.ordinal();
        return known ? Math.sqrt(Math.max(0, covariance.get(axis, axis))) : Double.POSITIVE_INFINITY;
    }

    /** The largest of the three standard uncertainties, m. */
    public double worstSigma() {
        double worst = 0;
        for (DatumPlane plane : DatumPlane.values()) {
            worst = Math.max(worst, sigma(plane));
        }
        return worst;
    }
}
