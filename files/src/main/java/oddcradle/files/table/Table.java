package oddcradle.files.table;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.units.Entry;
import oddcradle.core.units.Kind;
import oddcradle.core.units.UnitStyle;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * A CSV file with a header. A column of quantities says its unit once, in its header ({@code x [mm]}) or in every cell, never
 * both and never two of them.
 */
final class Table {
    private static final long LARGEST = 16L << 20;
    private static final int MOST_COLUMNS = 64;
    static final int MOST_ROWS = 20_000;
    private static final Pattern HEADER =
            Pattern.compile("\\s*([^\\[(]+?)\\s*(?:[\\[(]\\s*([^\\])]+?)\\s*[\\])])?\\s*");
    private static final Pattern CELL_UNIT = Pattern.compile(".*?([\"'a-zA-Z]+)\\s*");

    private final String file;
    private final List<CSVRecord> rows;
    private final Map<String, Integer> columns = new HashMap<>();
    private final Map<String, String> units = new HashMap<>();

    private Table(String file, List<CSVRecord> records, int mostRows) throws UnreadableTable {
        this.file = file;
        if (records.isEmpty()) {
            throw new UnreadableTable(file, "is empty; it needs a header line and rows");
        }
        CSVRecord header = records.get(0);
        if (header.size() > MOST_COLUMNS) {
            throw new UnreadableTable(
                    file,
                    "has " + header.size() + " columns, at most " + MOST_COLUMNS + " are read; save only those needed");
        }
        if (records.size() - 1 > mostRows) {
            throw new UnreadableTable(
                    file, "has more than " + mostRows + " rows, at most " + mostRows + " are read; split it");
        }
        for (int k = 0; k < header.size(); k++) {
            Matcher match = HEADER.matcher(header.get(k).replace("\uFEFF", ""));
            if (match.matches()) {
                String name = match.group(1).toLowerCase(Locale.ROOT);
                if (columns.put(name, k) != null) {
                    throw new UnreadableTable(file, "has the column \"" + name + "\" twice; keep one");
                }
                if (match.group(2) != null) {
                    units.put(name, match.group(2));
                }
            }
        }
        rows = records.subList(1, records.size());
    }

    static Table read(Path path) throws IOException {
        return read(path, MOST_ROWS);
    }

    static Table read(Path path, int mostRows) throws IOException {
        String file = path.getFileName().toString();
        if (Files.size(path) > LARGEST) {
            throw new UnreadableTable(file, "is larger than 16 MB, no frame has so many nodes");
        }
        String text = new String(Files.readAllBytes(path), StandardCharsets.UTF_8);
        String first = text.lines().findFirst().orElse("");
        char delimiter = first.indexOf(';') >= 0 ? ';' : first.indexOf('\t') >= 0 ? '\t' : ',';
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setDelimiter(delimiter)
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .get();
        List<CSVRecord> records = new ArrayList<>();
        try (CSVParser parser = CSVParser.parse(text, format)) {
            for (CSVRecord record : parser) {
                records.add(record);
                if (records.size() > mostRows + 1) {
                    break;
                }
            }
        } catch (RuntimeException | IOException malformed) {
            throw new UnreadableTable(file, "is no table: " + malformed.getMessage() + "; save it as CSV again");
        }
        return new Table(file, records, mostRows);
    }

    Set<String> names() {
        return columns.keySet();
    }

    List<CSVRecord> rows() {
        return rows;
    }

    String file() {
        return file;
    }

    /** The first of these columns that is there. */
    String column(String... names) throws UnreadableTable {
        for (String name : names) {
            if (columns.containsKey(name)) {
                return name;
            }
        }
        throw new UnreadableTable(
                file, "has no column \"" + String.join("\" or \"", names) + "\"; its header must name one");
    }

    boolean has(String name) {
        return columns.containsKey(name);
    }

    /** Empty where the row ends before it. */
    String cell(CSVRecord row, String column) {
        int at = columns.get(column);
        return at < row.size() ? row.get(at) : "";
    }

    String text(CSVRecord row, String column) throws UnreadableTable {
        String cell = cell(row, column);
        if (cell.isEmpty()) {
            throw UnreadableTable.at(file, row.getRecordNumber(), "\"" + column + "\" is empty");
        }
        return cell;
    }

    /** A column of lengths, m. */
    List<Double> lengths(String column) throws UnreadableTable {
        return quantities(column, Kind.LENGTH, "mm");
    }

    /**
     * A long column of plain numbers under a header with its unit, SI.
     *
     * @param example of a unit, for a complaint
     */
    List<Double> numbers(String column, Kind kind, String example) throws UnreadableTable {
        String unit = units.get(column);
        if (unit == null) {
            throw new UnreadableTable(
                    file,
                    "has no unit for \"" + column + "\"; name it in the header, for example " + column + " [" + example
                            + "]");
        }
        double one;
        try {
            one = Entry.read("1 " + unit, kind, UnitStyle.MILLIMETRES).si();
        } catch (InvalidValue invalid) {
            throw new UnreadableTable(file, "has a wrong unit for \"" + column + "\": " + invalid.problem());
        }
        List<Double> numbers = new ArrayList<>(rows.size());
        for (CSVRecord row : rows) {
            String cell = text(row, column);
            double value = number(cell, row, column);
            numbers.add(value * one);
        }
        return numbers;
    }

    private double number(String cell, CSVRecord row, String column) throws UnreadableTable {
        try {
            double value = Double.parseDouble(cell);
            if (Double.isFinite(value)) {
                return value;
            }
        } catch (NumberFormatException noNumber) {
            throw UnreadableTable.at(
                    file, row.getRecordNumber(), "\"" + cell + "\" in \"" + column + "\" is no number");
        }
        throw UnreadableTable.at(file, row.getRecordNumber(), "\"" + cell + "\" in \"" + column + "\" is not finite");
    }

    /**
     * A column of one kind of quantity, SI.
     *
     * @param example of a unit, for a complaint
     */
    List<Double> quantities(String column, Kind kind, String example) throws UnreadableTable {
        String header = units.get(column);
        String first = null;
        List<Double> lengths = new ArrayList<>();
        for (CSVRecord row : rows) {
            String cell = text(row, column);
            long line = row.getRecordNumber();
            Matcher match = CELL_UNIT.matcher(cell);
            String own = match.matches() ? match.group(1) : null;
            if (own == null && header == null) {
                throw UnreadableTable.at(
                        file,
                        line,
                        "\"" + cell + "\" in \"" + column + "\" has no unit; name it in the header, for example "
                                + column + " [" + example + "]");
            }
            if (own != null && header != null && !own.equals(header)) {
                throw UnreadableTable.at(
                        file,
                        line,
                        "\"" + cell + "\" says " + own + ", the header of \"" + column + "\" says " + header);
            }
            if (own != null && first != null && !own.equals(first)) {
                throw UnreadableTable.at(
                        file,
                        line,
                        "\"" + cell + "\" says " + own + ", the rows above say " + first
                                + "; use one unit in a column");
            }
            first = own == null ? first : own;
            try {
                String typed = own == null ? cell + " " + header : cell;
                lengths.add(Entry.read(typed, kind, UnitStyle.MILLIMETRES).si());
            } catch (InvalidValue invalid) {
                throw UnreadableTable.at(file, line, "\"" + column + "\": " + invalid.problem());
            }
        }
        return lengths;
    }
}
