package oddcradle.core.naming;

import java.util.List;
import java.util.function.UnaryOperator;
import oddcradle.core.survey.Reading;
import oddcradle.core.survey.Survey;

/** Readings that name their points by other marks. */
record SurveyNames(UnaryOperator<String> point) {
    Survey in(Survey survey) {
        return new Survey(
                survey.points().stream()
                        .map(each -> each.withId(point.apply(each.id())))
                        .toList(),
                survey.readings().stream().map(this::reading).toList(),
                survey.features().stream()
                        .map(each -> each.withPoints(all(each.points())))
                        .toList(),
                survey.patterns().stream()
                        .map(each -> each.withPoints(all(each.points())))
                        .toList());
    }

    private List<String> all(List<String> names) {
        return names.stream().map(point).toList();
    }

    private Reading reading(Reading reading) {
        if (reading instanceof Reading.Offset offset) {
            return offset.withPoint(point.apply(offset.point()));
        }
        if (reading instanceof Reading.HoleEdge edge) {
            return edge.withPoint(point.apply(edge.point()));
        }
        if (reading instanceof Reading.Distance distance) {
            return distance.withFrom(point.apply(distance.from())).withTo(point.apply(distance.to()));
        }
        if (reading instanceof Reading.OverBores over) {
            return over.withFrom(point.apply(over.from())).withTo(point.apply(over.to()));
        }
        Reading.Slope slope = (Reading.Slope) reading;
        return slope.withFrom(point.apply(slope.from())).withTo(point.apply(slope.to()));
    }
}
