package oddcradle.core.step.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.job.fit.AsBuilt;
import oddcradle.core.job.fit.Measuring;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.survey.AdjustedPoint;
import oddcradle.core.survey.SurveyAdjustment;
import oddcradle.core.survey.SurveyResult;

/**
 * How far a place moved between two times it was measured, such as before and after welding.
 *
 * <p>Difference of two places; its uncertainty is the root of both variances, as if the datum had been set up anew.
 *
 * @param point name of the mount, node or mark
 * @param moved host axes, m
 * @param sigma along the way it moved, one standard deviation, m
 */
public record JointPull(String point, String before, String after, Vec3 moved, double sigma) {
    /** Fewer standard deviations are no movement. */
    private static final double SURE = 3;

    /** Whether it is more than the readings scatter. */
    public boolean isSure() {
        return moved.length() > SURE * sigma;
    }

    /**
     * Everything that decides it.
     *
     * @param now the last time, adjusted
     */
    public record Input(AsBuilt built, SurveyResult now) {}

    /** Between the last time and the one before it that was measured in the same load; empty where there is none. */
    public static List<JointPull> of(Input input) {
        AsBuilt built = input.built();
        SurveyResult now = input.now();
        Optional<Measuring> last = built.now();
        List<JointPull> pulls = new ArrayList<>();
        for (int k = built.measured().size() - 2; k >= 0 && pulls.isEmpty(); k--) {
            Measuring earlier = built.measured().get(k);
            if (last.isPresent() && earlier.loaded() == last.get().loaded()) {
                between(earlier, last.get(), now, pulls);
            }
        }
        return List.copyOf(pulls);
    }

    private static void between(Measuring earlier, Measuring last, SurveyResult now, List<JointPull> pulls) {
        SurveyResult before = SurveyAdjustment.of(earlier.survey());
        for (AdjustedPoint point : now.points()) {
            Optional<AdjustedPoint> was = before.point(point.id()).filter(AdjustedPoint::known);
            boolean mark = last.survey().point(point.id()).orElseThrow().fixed();
            if (point.known() && was.isPresent() && !mark) {
                Vec3 moved = point.position().minus(was.get().position());
                Mat3 both = point.covariance().plus(was.get().covariance());
                Vec3 way = moved.length() > 0 ? moved.unit() : Vec3.Z;
                pulls.add(new JointPull(
                        point.id(),
                        earlier.name(),
                        last.name(),
                        moved,
                        Math.sqrt(Math.max(0, way.dot(both.times(way))))));
            }
        }
    }
}
