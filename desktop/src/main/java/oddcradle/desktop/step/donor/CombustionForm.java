package oddcradle.desktop.step.donor;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.DoubleSupplier;
import java.util.function.Supplier;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;
import oddcradle.core.engine.Combustion;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.units.InvalidWords;
import oddcradle.core.units.Kind;
import oddcradle.core.units.UnitStyle;
import oddcradle.desktop.slate.QuantityField;
import oddcradle.desktop.slate.RowsField;
import oddcradle.desktop.slate.Words;
import oddcradle.files.table.PressureTable;
import oddcradle.files.table.UnreadableTable;

/** What burns in a cylinder: bore, compression, how it is lit, and when each cylinder fires. */
final class CombustionForm extends VBox {
    private final Supplier<UnitStyle> units;
    private final DoubleSupplier cycle;
    private final Consumer<Combustion> change;
    private final Label problem = new Label();
    private Combustion shown;

    /** @param cycle of the engine, rad */
    CombustionForm(Supplier<UnitStyle> units, DoubleSupplier cycle, Consumer<Combustion> change) {
        super(6);
        this.units = units;
        this.cycle = cycle;
        this.change = change;
        problem.setId("pressure-problem");
        problem.getStyleClass().add("field-problem");
        problem.setWrapText(true);
        problem.managedProperty().bind(problem.textProperty().isNotEmpty());
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
                "Fires at",
                "empty: most evenly",
                List.of(Kind.ANGLE),
                rows -> change.accept(new Combustion(
                        shown.bore(),
                        shown.compression(),
                        shown.ignition(),
                        rows.stream().map(each -> each.get(0)).toList(),
                        shown.pressure())));
        firing.showColumn(combustion.firingAngles(), units.get());
        getChildren().addAll(row, firing, curve(combustion));
    }

    /** The user's own pressure, or the model's. */
    private VBox curve(Combustion combustion) {
        boolean own = !combustion.pressure().isEmpty();
        Label said = new Label(
                own
                        ? "Pressure over the cycle: your own, "
                                + combustion.pressure().size() + " samples."
                        : "Pressure over the cycle: worked out from these.");
        said.setId("pressure-said");
        said.setWrapText(true);
        said.setMinHeight(USE_PREF_SIZE);
        problem.setText("");
        Button button = new Button(own ? "Work it out instead" : "Take one from a table …");
        button.setId("pressure");
        button.getStyleClass().add("cure-button");
        button.setOnAction(click -> {
            if (own) {
                change.accept(shown.withPressure(List.of()));
            } else {
                choose();
            }
        });
        return new VBox(4, said, button, problem);
    }

    private void choose() {
        FileChooser chooser = new FileChooser();
        chooser.setTitle("Pressure of one cycle: angle [deg], pressure [bar]");
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter("Tables", "*.csv", "*.txt"));
        Optional.ofNullable(chooser.showOpenDialog(getScene().getWindow())).ifPresent(file -> take(file.toPath()));
    }

    /** What is wrong with the table stands under the button and changes nothing. */
    void take(Path table) {
        try {
            change.accept(shown.withPressure(PressureTable.read(table, cycle.getAsDouble())));
        } catch (InvalidValue invalid) {
            problem.setText(InvalidWords.of(invalid, units.get()));
        } catch (IOException unreadable) {
            problem.setText(
                    unreadable instanceof UnreadableTable
                            ? unreadable.getMessage()
                            : table.getFileName() + " cannot be read");
        }
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
