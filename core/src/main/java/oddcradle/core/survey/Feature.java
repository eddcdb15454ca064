package oddcradle.core.survey;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;

/** An axis through two or more surveyed points, in the direction from the first to the last; or a plane through three or more. */
@RecordBuilder
public record Feature(String id, String label, Shape shape, List<String> points) implements FeatureBuilder.With {
    public enum Shape {
        AXIS(2),
        PLANE(3);

        private final int least;

        Shape(int least) {
            this.least = least;
        }
    }

    public Feature {
        Guard.named("id", id);
        Guard.named("label", label);
        Guard.present("shape", shape);
        points = List.copyOf(Guard.present("points", points));
        if (points.size() < shape.least) {
            throw new InvalidValue(
                    "points",
                    "names " + points.size() + " points, "
                            + (shape == Shape.AXIS ? "an axis needs two" : "a plane needs three"));
        }
    }
}
