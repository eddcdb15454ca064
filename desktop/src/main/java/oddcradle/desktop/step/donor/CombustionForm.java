package oddcradle.desktop.step.donor;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import oddcradle.core.engine.Combustion;
import oddcradle.core.units.Kind;
import oddcradle.core.units.UnitStyle;
import oddcradle.desktop.slate.QuantityField;
import oddcradle.desktop.slate.RowsField;
import oddcradle.desktop.slate.Words;

/** What burns in a cylinder: bore, compression, how it is lit, and when each cylinder fires. */
final class CombustionForm extends VBox {
    private final Supplier<UnitStyle> units;
    private final Consumer<Combustion> change;
    private Combustion shown;

    CombustionForm(Supplier<UnitStyle> units, Consumer<Combustion> change) {
        super(6);
        this.units = units;
        this.change = change;
    }

    void show(Combustion combustion) {
        if (combustion.equals(shown)) {
            return;
        }
        shown = combustion;
        getChildren().clear();
        number("bore", "Bore", Kind.LENGTH, combustion.bore(), bore -> with(bore, shown.compression()));
        number(
                "compression",
                "Compression ratio",
                Kind.RATIO,
                combustion.compression(),
                ratio -> with(shown.bore(), ratio));
        ComboBox<Combustion.Ignition> ignition = new ComboBox<>();
        ignition.setId("ignition");
        ignition.setAccessibleText("how the charge is lit");
        ignition.getItems().setAll(Combustion.Ignition.values());
        ignition.setConverter(new Words<>(List.of(Combustion.Ignition.values()), Combustion.Ignition::words));
        ignition.setValue(combustion.ignition());
        ignition.setOnAction(choice -> change.accept(new Combustion(
                shown.bore(), shown.compression(), ignition.getValue(), shown.firingAngles(), shown.pressure())));
        Label name = new Label("Lit by");
        name.getStyleClass().add("name");
        HBox row = new HBox(name, ignition);
        row.getStyleClass().add("field-row");
        RowsField firing = new RowsField(
                "firing-angles",
                "Fires at, empty: most even",
                "crank angle, one for each cylinder",
                List.of(Kind.ANGLE),
                rows -> change.accept(new Combustion(
                        shown.bore(),
                        shown.compression(),
                        shown.ignition(),
                        rows.stream().map(each -> each.get(0)).toList(),
                        shown.pressure())));
        firing.showColumn(combustion.firingAngles(), units.get());
        getChildren().addAll(row, firing);
    }

    private void with(double bore, double compression) {
        change.accept(new Combustion(bore, compression, shown.ignition(), shown.firingAngles(), shown.pressure()));
    }

    private void number(String id, String name, Kind kind, double value, Consumer<Double> typed) {
        QuantityField field = new QuantityField(id, name, kind, typed::accept);
        field.show(value, units.get());
        getChildren().add(field);
    }
}
