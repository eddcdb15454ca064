package oddcradle.desktop.step.load;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import oddcradle.core.job.edit.LoadEdit;
import oddcradle.core.job.load.Level;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.job.load.Shock;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.Kind;
import oddcradle.desktop.slate.QuantityField;
import oddcradle.desktop.slate.WordField;
import oddcradle.desktop.slate.Words;
import oddcradle.desktop.store.Desk;

/** Everything of one load case, each change taken at once; out of sight while no case is open. */
final class CaseForm extends VBox {
    private final Desk desk;
    private final List<Consumer<LoadCase>> fields = new ArrayList<>();
    private LoadCase shown;
    private boolean showing;

    CaseForm(Desk desk) {
        super(3);
        this.desk = desk;
        setId("case-form");
        words("case-label", "Name", LoadCase::label, LoadCase::withLabel);
        number("case-ahead", "Pulls ahead, g", load -> load.field().x(), (load, g) -> field(load, 0, g));
        number("case-left", "Pulls left, g", load -> load.field().y(), (load, g) -> field(load, 1, g));
        number("case-up", "Pulls up, g", load -> load.field().z(), (load, g) -> field(load, 2, g));
        number("case-drive", "Share of the drive", LoadCase::drive, LoadCase::withDrive);
        number("case-pitch", "Pitching, rad/s", load -> load.turning().y(), (load, rate) -> turning(load, 1, rate));
        number("case-yaw", "Yawing, rad/s", load -> load.turning().z(), (load, rate) -> turning(load, 2, rate));
        choice("case-shock", "At once", Shock.values(), Shock::words, LoadCase::shock, LoadCase::withShock);
        choice("case-level", "Held as", Level.values(), Level::word, LoadCase::level, LoadCase::withLevel);
        words("case-source", "Source", LoadCase::source, LoadCase::withSource);
        Label hint =
                new Label("Standing still pulls -1 g up: its own weight is part of every case. Each case is looked at"
                        + " mirrored and reversed too.");
        hint.getStyleClass().add("figure-name");
        hint.setWrapText(true);
        hint.setMinHeight(USE_PREF_SIZE);
        getChildren().add(hint);
        managedProperty().bind(visibleProperty());
        clear();
    }

    /** A case with one thing of it changed. */
    private interface Change<T> {
        LoadCase of(LoadCase load, T value);
    }

    void clear() {
        shown = null;
        setVisible(false);
    }

    void show(LoadCase load) {
        if (!load.equals(shown)) {
            shown = load;
            showing = true;
            fields.forEach(field -> field.accept(load));
            showing = false;
        }
        setVisible(true);
    }

    private static LoadCase field(LoadCase load, int axis, double value) {
        return load.withField(with(load.field(), axis, value));
    }

    private static LoadCase turning(LoadCase load, int axis, double value) {
        return load.withTurning(with(load.turning(), axis, value));
    }

    private static Vec3 with(Vec3 vector, int axis, double value) {
        return new Vec3(axis == 0 ? value : vector.x(), axis == 1 ? value : vector.y(), axis == 2 ? value : vector.z());
    }

    private <T> void take(Change<T> change, T value) {
        if (!showing && shown != null) {
            desk.session().apply(new LoadEdit.SetCase(change.of(shown, value)));
        }
    }

    private void number(String id, String name, Function<LoadCase, Double> of, Change<Double> change) {
        QuantityField field = new QuantityField(id, name, Kind.RATIO, typed -> take(change, typed));
        fields.add(load -> field.show(of.apply(load), desk.units()));
        getChildren().add(field);
    }

    private void words(String id, String name, Function<LoadCase, String> of, Change<String> change) {
        WordField field = new WordField(id, name, "", typed -> take(change, typed));
        fields.add(load -> field.show(of.apply(load), desk.units()));
        getChildren().add(field);
    }

    private <T> void choice(
            String id, String name, T[] values, Function<T, String> word, Function<LoadCase, T> of, Change<T> change) {
        ComboBox<T> box = new ComboBox<>();
        box.setId(id);
        box.setAccessibleText(name);
        box.getItems().setAll(values);
        box.setConverter(new Words<>(Arrays.asList(values), word));
        box.setOnAction(choice -> take(change, box.getValue()));
        fields.add(load -> box.setValue(of.apply(load)));
        Label label = new Label(name);
        label.getStyleClass().add("name");
        HBox row = new HBox(label, box);
        row.getStyleClass().add("field-row");
        getChildren().add(row);
    }
}
