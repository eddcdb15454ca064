package oddcradle.desktop.slate;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.scene.layout.VBox;
import oddcradle.core.units.Measured;
import oddcradle.core.units.UnitStyle;

/** A field for every measure of a value, such as a stage of the drive. */
public final class MeasureFields extends VBox {
    private final String id;
    private final Taker taker;
    private final List<QuantityField> fields = new ArrayList<>();
    private List<String> names = List.of();

    /** Takes one measure, SI; an {@link oddcradle.core.math.InvalidValue} it throws is shown at the field. */
    public interface Taker {
        void take(int index, double value);
    }

    /** @param id of the fields is {@code id-name} */
    public MeasureFields(String id, Taker taker) {
        super(6);
        this.id = id;
        this.taker = taker;
    }

    public void show(Measured<?> value, UnitStyle style) {
        List<Measured.Measure> measures = value.measures();
        List<String> newNames = measures.stream().map(Measured.Measure::name).toList();
        if (!newNames.equals(names)) {
            names = newNames;
            fields.clear();
            for (int k = 0; k < measures.size(); k++) {
                int index = k;
                String field = id + "-" + names.get(k).toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
                fields.add(new QuantityField(
                        field, names.get(k), measures.get(k).quantity().kind(), typed -> taker.take(index, typed)));
            }
            getChildren().setAll(fields);
        }
        for (int k = 0; k < fields.size(); k++) {
            fields.get(k).show(measures.get(k).quantity().si(), style);
        }
    }

    /** Nothing to show. */
    public void clear() {
        names = List.of();
        fields.clear();
        getChildren().clear();
    }
}
