package oddcradle.desktop.slate;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import oddcradle.core.finding.Figure;
import oddcradle.core.units.UnitStyle;

/** Figures as a list shows them: what one part after the other says alike is one row that opens, what is about one thing stands together. */
final class FigureRows {
    /** So many figures about one thing have a heading of their own. */
    private static final int HEADED = 3;

    private FigureRows() {}

    sealed interface Row {}

    /** What the rows under it are about. */
    record Heading(String words) implements Row {}

    /**
     * One figure.
     *
     * @param name without what stands in the heading
     */
    record One(String name, Figure figure) implements Row {}

    /**
     * The same figure of several parts.
     *
     * @param name after the parts
     * @param values of all of them, from the least to the most
     */
    record Many(String parts, String name, String values, List<Figure> figures) implements Row {
        String key() {
            return parts + " " + name;
        }
    }

    /**
     * @param marks of parts that can be told together
     * @param open keys of those rows whose figures are shown one by one
     */
    static List<Row> of(List<Figure> figures, Set<String> marks, Set<String> open, UnitStyle units) {
        Map<String, List<Figure>> together = figures.stream()
                .filter(figure -> marks.contains(mark(figure)))
                .collect(Collectors.groupingBy(FigureRows::afterMark, LinkedHashMap::new, Collectors.toList()));
        Map<String, Long> headed = figures.stream()
                .filter(figure -> !heading(figure).isEmpty())
                .collect(Collectors.groupingBy(FigureRows::heading, Collectors.counting()));
        List<Row> rows = new ArrayList<>();
        String under = "";
        for (Figure figure : figures) {
            List<Figure> alike = together.getOrDefault(afterMark(figure), List.of());
            String heading = headed.getOrDefault(heading(figure), 0L) >= HEADED ? heading(figure) : "";
            if (marks.contains(mark(figure)) && alike.size() > 1) {
                if (alike.get(0) == figure) {
                    many(rows, alike, open, units);
                }
                continue;
            }
            if (!heading.equals(under) && !heading.isEmpty()) {
                rows.add(new Heading(heading));
            }
            under = heading;
            rows.add(
                    new One(heading.isEmpty() ? figure.name() : figure.name().substring(heading.length() + 2), figure));
        }
        return rows;
    }

    private static void many(List<Row> rows, List<Figure> alike, Set<String> open, UnitStyle units) {
        Figure least = alike.get(0);
        Figure most = alike.get(0);
        for (Figure each : alike) {
            least = each.quantity().si() < least.quantity().si() ? each : least;
            most = each.quantity().si() > most.quantity().si() ? each : most;
        }
        String from = units.show(least.quantity());
        String to = units.show(most.quantity());
        Many row = new Many(
                mark(alike.get(0)) + " to " + mark(alike.get(alike.size() - 1)),
                afterMark(alike.get(0)),
                from.equals(to) ? from : units.number(least.quantity()) + " to " + to,
                alike);
        rows.add(row);
        if (open.contains(row.key())) {
            alike.forEach(figure -> rows.add(new One(figure.name(), figure)));
        }
    }

    /** The first word, which may be the mark of a part. */
    private static String mark(Figure figure) {
        return figure.name().split(" ", 2)[0];
    }

    private static String afterMark(Figure figure) {
        String[] words = figure.name().split(" ", 2);
        return words.length > 1 ? words[1] : "";
    }

    /** What stands before a colon. */
    private static String heading(Figure figure) {
        int colon = figure.name().indexOf(": ");
        return colon < 0 ? "" : figure.name().substring(0, colon);
    }
}
