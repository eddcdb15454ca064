package oddcradle.core.survey;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;

/**
 * Holes whose spacing is known from the maker.
 *
 * @param points surveyed points, in the order of {@code places}; at least two
 * @param places of the same holes in the maker's drawing, any axes, m
 * @param tolerance what a hole may be off, m
 */
@RecordBuilder
public record HolePattern(String id, String label, List<String> points, List<Vec3> places, double tolerance)
        implements HolePatternBuilder.With {
    public HolePattern {
        Guard.named("id", id);
        Guard.named("label", label);
        points = List.copyOf(Guard.present("points", points));
        places = List.copyOf(Guard.present("places", places));
        Guard.positive("tolerance", tolerance, "m");
        if (points.size() < 2) {
            throw new InvalidValue("points", "names " + points.size() + " holes, a pattern has at least two");
        }
        if (places.size() != points.size()) {
            throw new InvalidValue(
                    "places",
                    "has " + places.size() + " entries for " + points.size() + " holes, there must be one for each");
        }
    }
}
