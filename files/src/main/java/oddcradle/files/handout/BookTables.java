package oddcradle.files.handout;

import java.util.List;
import java.util.Locale;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.book.LogEntry;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;

/** What the book holds, as tables. */
final class BookTables {
    private static final double HOUR = 3600;

    private BookTables() {}

    static HandTable log(Examination examination, UnitStyle units) {
        return new HandTable(
                List.of(
                        "day",
                        "hours",
                        "starts",
                        "km",
                        "what",
                        "where",
                        "measured",
                        "unit",
                        "found",
                        "changed",
                        "photo"),
                examination.job().book().log().stream()
                        .map(entry -> row(entry, units))
                        .toList());
    }

    private static List<String> row(LogEntry entry, UnitStyle units) {
        boolean measured = entry.value() != 0 && entry.work().measures().isPresent();
        Quantity value =
                measured ? new Quantity(entry.value(), entry.work().measures().orElseThrow()) : null;
        return List.of(
                entry.date(),
                String.format(Locale.ROOT, "%.1f", entry.hours() / HOUR),
                Integer.toString(entry.starts()),
                String.format(Locale.ROOT, "%.1f", entry.distance() / 1000),
                entry.work().word(),
                entry.place(),
                measured ? units.number(value) : "",
                measured ? units.unit(value) : "",
                entry.found(),
                entry.changed(),
                entry.photo());
    }

    static HandTable parts(Examination examination, UnitStyle units) {
        return new HandTable(
                List.of("count", "part", "price of each", "state", "supplier", "expected"),
                examination.job().book().purchases().stream()
                        .map(part -> List.of(
                                Integer.toString(part.count()),
                                part.label(),
                                String.format(Locale.ROOT, "%.2f", part.price()),
                                part.state().word(),
                                part.supplier(),
                                part.due()))
                        .toList());
    }
}
