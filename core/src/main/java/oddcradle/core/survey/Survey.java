package oddcradle.core.survey;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;

/** Everything that was read on one body. At most 2,000 points and 20,000 readings. */
public record Survey(
        List<SurveyPoint> points, List<Reading> readings, List<Feature> features, List<HolePattern> patterns) {
    public static final Survey NONE = new Survey(List.of(), List.of(), List.of(), List.of());
    private static final int MOST_POINTS = 2_000;
    private static final int MOST_READINGS = 20_000;

    public Survey {
        points = List.copyOf(Guard.present("points", points));
        readings = List.copyOf(Guard.present("readings", readings));
        features = List.copyOf(Guard.present("features", features));
        patterns = List.copyOf(Guard.present("patterns", patterns));
        Guard.within("points", points.size(), 0, MOST_POINTS, "entries");
        Guard.within("readings", readings.size(), 0, MOST_READINGS, "entries");
        Set<String> known =
                unique("points", points.stream().map(SurveyPoint::id).toList());
        unique("readings", readings.stream().map(Reading::id).toList());
        unique("features", features.stream().map(Feature::id).toList());
        unique("patterns", patterns.stream().map(HolePattern::id).toList());
        for (int k = 0; k < readings.size(); k++) {
            requirePoints(known, "readings[" + k + "]", readings.get(k).points());
        }
        for (int k = 0; k < features.size(); k++) {
            requirePoints(known, "features[" + k + "].points", features.get(k).points());
        }
        for (int k = 0; k < patterns.size(); k++) {
            requirePoints(known, "patterns[" + k + "].points", patterns.get(k).points());
        }
    }

    private static Set<String> unique(String field, List<String> ids) {
        Set<String> known = new HashSet<>();
        for (int k = 0; k < ids.size(); k++) {
            if (!known.add(ids.get(k))) {
                throw new InvalidValue(field + "[" + k + "].id", "repeats \"" + ids.get(k) + "\", they must differ");
            }
        }
        return known;
    }

    private static void requirePoints(Set<String> known, String field, List<String> names) {
        for (String name : names) {
            if (!known.contains(name)) {
                throw new InvalidValue(field, "names the point \"" + name + "\", which is not among the points");
            }
        }
    }

    /** A point by its mark and its name; what names none stays as it is. */
    public String named(String point) {
        return point(point)
                .filter(each -> !each.label().contains(point))
                .map(each -> point + " " + each.label())
                .orElse(point);
    }

    public Optional<SurveyPoint> point(String id) {
        return points.stream().filter(each -> each.id().equals(id)).findFirst();
    }

    public Optional<Reading> reading(String id) {
        return readings.stream().filter(each -> each.id().equals(id)).findFirst();
    }

    /** The reading in place of the one with its id, or added at the end. */
    public Survey with(Reading reading) {
        List<Reading> others = new ArrayList<>(readings);
        for (int k = 0; k < others.size(); k++) {
            if (others.get(k).id().equals(reading.id())) {
                others.set(k, reading);
                return new Survey(points, others, features, patterns);
            }
        }
        others.add(reading);
        return new Survey(points, others, features, patterns);
    }

    public Survey withoutReading(String id) {
        return new Survey(
                points, readings.stream().filter(each -> !each.id().equals(id)).toList(), features, patterns);
    }

    /** The point in place of the one with its id, or added at the end. */
    public Survey with(SurveyPoint point) {
        List<SurveyPoint> others = new ArrayList<>(points);
        others.removeIf(each -> each.id().equals(point.id()));
        int place = (int)
                points.stream().takeWhile(each -> !each.id().equals(point.id())).count();
        others.add(place, point);
        return new Survey(others, readings, features, patterns);
    }

    /** A reading id that is not taken: R1, R2 and so on. */
    public String nextReadingId() {
        Set<String> taken = new HashSet<>(readings.stream().map(Reading::id).toList());
        int number = readings.size() + 1;
        while (taken.contains("R" + number)) {
            number++;
        }
        return "R" + number;
    }
}
