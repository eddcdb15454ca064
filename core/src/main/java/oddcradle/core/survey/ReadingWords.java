package oddcradle.core.survey;

import java.util.List;

/** A reading in a few words. */
public final class ReadingWords {
    private ReadingWords() {}

    /** For example {@code B4 up} or {@code B1 to B2 over the bores}. */
    public static String of(Reading reading) {
        List<String> points = reading.points();
        if (reading instanceof Reading.Offset offset) {
            return points.get(0) + " " + offset.plane().word();
        }
        if (reading instanceof Reading.HoleEdge edge) {
            return points.get(0) + " " + edge.plane().word() + " to the "
                    + (edge.edge() == Reading.Edge.NEAR ? "near" : "far") + " edge";
        }
        String span = points.get(0) + " to " + points.get(1);
        if (reading instanceof Reading.OverBores over) {
            return span + (over.sides() == Reading.Sides.OUTER ? " over the bores" : " between the bores");
        }
        return reading instanceof Reading.Slope ? span + " against level" : span + " middle to middle";
    }
}
