package oddcradle.desktop.slate;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.units.Entry;
import oddcradle.core.units.Kind;
import oddcradle.core.units.UnitStyle;

/**
 * Rows of numbers typed into one field: numbers apart by spaces, rows by semicolons, and by spaces too where a row is one
 * number.
 *
 * @param name of a row in messages
 * @param example of a row, with what its numbers are
 * @param columns what each number is
 */
public record Rows(String name, String example, List<Kind> columns) {
    private static final int MOST = 200;

    /**
     * @return SI, at least one row
     * @throws InvalidValue naming the row and the number that is wrong
     */
    public List<List<Double>> read(String text, UnitStyle style) {
        String[] rows = text.strip().split(columns.size() == 1 ? "[\\s;]+" : "\\s*;\\s*");
        if (rows.length > MOST) {
            throw new InvalidValue(name + "s", "are " + rows.length + ", at most " + MOST + " are taken");
        }
        List<List<Double>> read = new ArrayList<>();
        for (String row : rows) {
            String which = rows.length > 1 ? "no. " + (read.size() + 1) + " " : "";
            read.add(row(which, row.strip().split("\\s+"), style));
        }
        return read;
    }

    private List<Double> row(String which, String[] numbers, UnitStyle style) {
        if (numbers.length != columns.size()) {
            String found = numbers.length == 1 ? "\"" + numbers[0] + "\"" : numbers.length + " numbers";
            throw new InvalidValue(name, which + "has " + found + ", must be " + example);
        }
        List<Double> row = new ArrayList<>();
        for (int k = 0; k < numbers.length; k++) {
            try {
                row.add(Entry.read(numbers[k], columns.get(k), style).si());
            } catch (InvalidValue invalid) {
                throw new InvalidValue(name, which + invalid.problem());
            }
        }
        return row;
    }
}
