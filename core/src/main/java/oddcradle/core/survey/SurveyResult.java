package oddcradle.core.survey;

import java.util.List;
import java.util.Optional;

/**
 * A survey after its adjustment.
 *
 * @param points in the order of the survey
 * @param readings in the order of the survey
 * @param suspects readings that do not agree, worst first; those that stand alone were left out
 * @param missing readings that would fix the points that are not
 * @param degreesOfFreedom readings used beyond what the points need
 * @param varianceFactor ratio of the sum of weighted squares to the degrees of freedom; about 1 where the instruments were as good as
 *     stated, 0 where nothing is checked
 * @param steps taken by the solver
 * @param settled false if the solver stopped before it found the best fit
 */
public record SurveyResult(
        List<AdjustedPoint> points,
        List<CheckedReading> readings,
        List<Suspect> suspects,
        List<MissingReading> missing,
        List<FoundFeature> features,
        List<PatternCheck> patterns,
        int degreesOfFreedom,
        double varianceFactor,
        int steps,
        boolean settled) {
    public SurveyResult {
        points = List.copyOf(points);
        readings = List.copyOf(readings);
        suspects = List.copyOf(suspects);
        missing = List.copyOf(missing);
        features = List.copyOf(features);
        patterns = List.copyOf(patterns);
    }

    public Optional<AdjustedPoint> point(String id) {
        return points.stream().filter(each -> each.id().equals(id)).findFirst();
    }

    public Optional<CheckedReading> reading(String id) {
        return readings.stream().filter(each -> each.reading().id().equals(id)).findFirst();
    }
}
