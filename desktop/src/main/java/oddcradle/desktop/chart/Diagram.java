package oddcradle.desktop.chart;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.TreeSet;
import oddcradle.core.finding.Severity;
import oddcradle.files.handout.HandTable;

/**
 * What a chart shows.
 *
 * @param across what is drawn along
 * @param up what is drawn upwards
 * @param uprights places along that have a name
 * @param levels heights that have a meaning
 */
public record Diagram(Axis across, Axis up, List<Curve> curves, List<Upright> uprights, List<Level> levels) {
    /** A dashed line upwards, with its words. */
    public record Upright(double at, String words) {}

    /** A line across, such as a limit. */
    public record Level(double at, String words, Severity severity) {}

    public Diagram {
        curves = List.copyOf(curves);
        uprights = List.copyOf(uprights);
        levels = List.copyOf(levels);
    }

    /** What every curve says at a place, in words; nothing of curves that do not reach there. */
    public String reading(double x) {
        StringBuilder words = new StringBuilder("at " + across.number(x) + " " + unit(across.label()));
        for (Curve curve : curves) {
            OptionalDouble y = curve.at(x);
            if (y.isPresent()) {
                words.append(" · ")
                        .append(curve.name().isEmpty() ? "" : curve.name() + " ")
                        .append(up.number(y.getAsDouble()))
                        .append(" ")
                        .append(unit(up.label()));
            }
        }
        return words.toString();
    }

    /** What stands after the last comma of a label is its unit. */
    private static String unit(String label) {
        int comma = label.lastIndexOf(", ");
        return comma < 0 ? "" : label.substring(comma + 2);
    }

    /** All points, a row for each place along that any curve has. */
    public HandTable table() {
        TreeSet<Double> places = new TreeSet<>();
        curves.forEach(curve -> curve.points().forEach(point -> places.add(point.x())));
        List<String> headings = new ArrayList<>(List.of(across.label()));
        curves.forEach(curve -> headings.add(curve.name().isEmpty() ? up.label() : curve.name()));
        List<List<String>> rows = new ArrayList<>();
        for (double place : places) {
            List<String> row = new ArrayList<>(List.of(Double.toString(place)));
            for (Curve curve : curves) {
                OptionalDouble y = curve.at(place);
                row.add(y.isPresent() ? Double.toString(y.getAsDouble()) : "");
            }
            rows.add(row);
        }
        return new HandTable(headings, rows);
    }
}
