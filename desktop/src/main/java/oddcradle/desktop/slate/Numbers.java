package oddcradle.desktop.slate;

import java.util.LinkedHashMap;
import java.util.Map;
import javafx.scene.layout.VBox;
import oddcradle.core.units.Kind;
import oddcradle.core.units.UnitStyle;

/** Numbers that a bench sheet asks for; they are the sheet's own and no part of the job. */
public final class Numbers extends VBox {
    private final String id;
    private final Map<String, QuantityField> fields = new LinkedHashMap<>();
    private final Map<String, Double> values = new LinkedHashMap<>();
    private UnitStyle style = UnitStyle.MILLIMETRES;

    /** @param id of each field is {@code id-name} */
    public Numbers(String id) {
        super(6);
        this.id = id;
    }

    /**
     * Adds a field.
     *
     * @param name it is read by
     * @param initial SI
     */
    public Numbers ask(String name, String words, Kind kind, double initial) {
        values.put(name, initial);
        QuantityField field = new QuantityField(id + "-" + name, words, kind, typed -> {
            values.put(name, typed);
            show(style);
        });
        fields.put(name, field);
        getChildren().add(field);
        return this;
    }

    /** SI. */
    public double get(String name) {
        return values.get(name);
    }

    /** Sets it as if it had been typed; SI. */
    public void put(String name, double value) {
        values.put(name, value);
        show(style);
    }

    public void show(UnitStyle now) {
        style = now;
        fields.forEach((name, field) -> field.show(values.get(name), now));
    }
}
