package oddcradle.core.placement;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.geometry.BestFit;
import oddcradle.core.job.body.Scan;
import oddcradle.core.math.Vec3;
import oddcradle.core.survey.AdjustedPoint;
import oddcradle.core.survey.SurveyResult;

/**
 * Where a scan lies on its body: the best fit of the points picked on it.
 *
 * @param fit scan axes to the body's axes; empty while the picks do not fix it
 * @param problem why not; empty if it is fixed
 */
public record ScanPlace(Optional<BestFit> fit, String problem) {
    private static final int NEEDED = 3;
    /** Height of the triangle of picks over its longest side, m, under which they lie on one line. */
    private static final double THIN = 0.01;

    /**
     * Everything that decides it.
     *
     * @param places of the body's named points, its own axes, m
     */
    public record Input(Map<String, Vec3> places, Scan scan, SurveyResult survey) {}

    public static ScanPlace of(Input input) {
        Map<String, Vec3> places = input.places();
        SurveyResult survey = input.survey();
        List<Vec3> picked = new ArrayList<>();
        List<Vec3> known = new ArrayList<>();
        for (Scan.Pick pick : input.scan().picks()) {
            Optional<Vec3> at = Optional.ofNullable(places.get(pick.point()))
                    .or(() -> survey.point(pick.point()).map(AdjustedPoint::position));
            if (at.isPresent()) {
                picked.add(pick.onScan());
                known.add(at.get());
            }
        }
        if (picked.size() < NEEDED) {
            return new ScanPlace(Optional.empty(), "needs " + (NEEDED - picked.size()) + " more of its points picked");
        }
        if (onOneLine(picked) || onOneLine(known)) {
            return new ScanPlace(Optional.empty(), "has all its picks on one line; pick a point away from it");
        }
        return new ScanPlace(Optional.of(BestFit.of(picked, known)), "");
    }

    private static boolean onOneLine(List<Vec3> points) {
        Vec3 first = points.get(0);
        Vec3 far = first;
        for (Vec3 point : points) {
            far = point.distanceTo(first) > far.distanceTo(first) ? point : far;
        }
        double off = 0;
        for (Vec3 point : points) {
            if (!far.equals(first)) {
                off = Math.max(
                        off,
                        point.minus(first)
                                .withoutPartAlong(far.minus(first).unit())
                                .length());
            }
        }
        return off < THIN;
    }
}
