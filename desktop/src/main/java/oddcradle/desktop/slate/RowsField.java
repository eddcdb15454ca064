package oddcradle.desktop.slate;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;

/** A field for a short table of numbers; empty is a table of no rows. */
public final class RowsField extends ValueField<List<List<Double>>> {
    private final List<Kind> columns;
    private final Rows rows;
    private List<List<Double>> last = List.of();

    /**
     * @param example of a row, with what its numbers are
     * @param taken gets the rows in SI
     */
    public RowsField(String id, String name, String example, List<Kind> columns, Consumer<List<List<Double>>> taken) {
        super(id, name, "word-field", taken);
        this.columns = List.copyOf(columns);
        this.rows = new Rows("row", example, this.columns);
        prompt(example);
    }

    /** A field without its name beside it, as wide as the sheet. */
    public static RowsField wide(
            String id, String name, String example, List<Kind> columns, Consumer<List<List<Double>>> taken) {
        RowsField field = new RowsField(id, name, example, columns, taken);
        field.spread();
        return field;
    }

    /** Three numbers that are a direction or a place. */
    public void show(Vec3 vector, UnitStyle style) {
        show(List.of(List.of(vector.x(), vector.y(), vector.z())), style);
    }

    /** One column. */
    public void showColumn(List<Double> values, UnitStyle style) {
        show(values.stream().map(List::of).toList(), style);
    }

    /** Numbers that still read as they were shown keep their last digit. */
    @Override
    List<List<Double>> read(String typed, UnitStyle shownIn) {
        if (typed.isBlank()) {
            return List.of();
        }
        List<List<Double>> read = new ArrayList<>();
        for (List<Double> row : rows.read(typed, shownIn)) {
            List<Double> kept = new ArrayList<>();
            for (int k = 0; k < row.size(); k++) {
                boolean known = read.size() < last.size()
                        && words(row.get(k), k, shownIn)
                                .equals(words(last.get(read.size()).get(k), k, shownIn));
                kept.add(known ? last.get(read.size()).get(k) : row.get(k));
            }
            read.add(kept);
        }
        return read;
    }

    @Override
    String words(List<List<Double>> shown, UnitStyle shownIn) {
        last = shown;
        List<String> lines = new ArrayList<>();
        for (List<Double> row : shown) {
            List<String> numbers = new ArrayList<>();
            for (int k = 0; k < row.size(); k++) {
                numbers.add(words(row.get(k), k, shownIn));
            }
            lines.add(String.join(" ", numbers));
        }
        return String.join(columns.size() == 1 ? " " : "; ", lines);
    }

    private String words(double value, int column, UnitStyle shownIn) {
        return shownIn.digits(new Quantity(value, columns.get(column)));
    }

    @Override
    String unit(List<List<Double>> shown, UnitStyle shownIn) {
        return columns.stream().map(shownIn::typedUnit).distinct().collect(Collectors.joining(" "));
    }
}
