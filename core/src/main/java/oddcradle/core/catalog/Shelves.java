package oddcradle.core.catalog;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import oddcradle.core.math.InvalidValue;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** What can be picked: the program's rows, and the user's own before them. */
public final class Shelves {
    /** What comes with the program. */
    public static final Shelves SHIPPED = new Shelves(shipped());

    private static final int MOST_ROWS = 5_000;

    private final Map<Shelf, List<ShelfRow>> rows;

    private Shelves(Map<Shelf, List<ShelfRow>> rows) {
        this.rows = rows;
    }

    private static Map<Shelf, List<ShelfRow>> shipped() {
        Map<Shelf, List<ShelfRow>> rows = new EnumMap<>(Shelf.class);
        for (Shelf shelf : Shelf.values()) {
            try (InputStream in = Shelves.class.getResourceAsStream("/oddcradle/core/catalog/" + shelf.file());
                    Reader text = new InputStreamReader(in, StandardCharsets.UTF_8)) {
                rows.put(shelf, read(shelf, text, false));
            } catch (IOException unreadable) {
                throw new UncheckedIOException(shelf.file() + " inside the program cannot be read", unreadable);
            }
        }
        return rows;
    }

    public List<ShelfRow> of(Shelf shelf) {
        return rows.get(shelf);
    }

    /** With the user's own rows of a shelf; one of a shipped name takes its place. */
    public Shelves with(Shelf shelf, List<ShelfRow> own) {
        List<String> names = own.stream().map(ShelfRow::name).toList();
        List<ShelfRow> all = new ArrayList<>(own);
        SHIPPED.of(shelf).stream().filter(row -> !names.contains(row.name())).forEach(all::add);
        Map<Shelf, List<ShelfRow>> changed = new EnumMap<>(rows);
        changed.put(shelf, List.copyOf(all));
        return new Shelves(changed);
    }

    /**
     * @param own whether it is the user's table
     * @throws InvalidValue naming the line and what is wrong in it
     * @throws IOException if it cannot be read
     */
    public static List<ShelfRow> read(Shelf shelf, Reader table, boolean own) throws IOException {
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setTrim(true)
                .get();
        List<ShelfRow> rows = new ArrayList<>();
        for (CSVRecord record : format.parse(table)) {
            if (rows.size() == MOST_ROWS) {
                throw new InvalidValue(shelf.file(), "has more than " + MOST_ROWS + " rows; keep what you use");
            }
            try {
                rows.add(row(shelf, record, own));
            } catch (InvalidValue wrong) {
                throw wrong.inside(shelf.file() + " row " + record.getRecordNumber());
            }
        }
        return List.copyOf(rows);
    }

    private static ShelfRow row(Shelf shelf, CSVRecord record, boolean own) {
        List<Double> sizes = new ArrayList<>();
        for (Shelf.Column column : shelf.columns()) {
            sizes.add(number(column.heading(), cell(record, column.heading())) * column.toSi());
        }
        return new ShelfRow(shelf, cell(record, shelf.nameHeading()), sizes, cell(record, "source"), own);
    }

    private static String cell(CSVRecord record, String heading) {
        if (!record.isMapped(heading) || !record.isSet(heading)) {
            throw new InvalidValue(heading, "is missing; the first line must name it");
        }
        return record.get(heading);
    }

    private static double number(String heading, String text) {
        try {
            return Double.parseDouble(text);
        } catch (NumberFormatException noNumber) {
            throw new InvalidValue(heading, "is \"" + text + "\", must be a number");
        }
    }

    /** A row as a line of its table, with the table's own units. */
    public static List<String> cells(ShelfRow row) {
        List<String> cells = new ArrayList<>();
        cells.add(row.name());
        for (int k = 0; k < row.sizes().size(); k++) {
            double shown = row.sizes().get(k) / row.shelf().columns().get(k).toSi();
            // A typed 25.4 mm is not to read 25.400000000000002.
            cells.add(Double.toString(Math.round(shown * 1e9) / 1e9));
        }
        cells.add(row.source());
        return cells;
    }

    /** The first line of a table. */
    public static List<String> headings(Shelf shelf) {
        List<String> headings = new ArrayList<>();
        headings.add(shelf.nameHeading());
        shelf.columns().forEach(column -> headings.add(column.heading()));
        headings.add("source");
        return headings;
    }
}
