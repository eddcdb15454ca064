package oddcradle.desktop.step.load;

import java.util.Arrays;
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

/** Everything of one load case, each change taken at once. */
final class CaseForm extends VBox {
    private final Desk desk;
    private LoadCase shown;

    CaseForm(Desk desk) {
        super(3);
        this.desk = desk;
        setId("case-form");
    }

    /** Nothing where no case is open. */
    void clear() {
        shown = null;
        getChildren().clear();
    }

    void show(LoadCase load) {
        if (load.equals(shown)) {
            return;
        }
        shown = load;
        getChildren().clear();
        words("case-label", "Name", load.label(), value -> shown.withLabel(value));
        Vec3 field = load.field();
        number("case-ahead", "Pulls ahead, g", Kind.RATIO, field.x(), value -> field(0, value));
        number("case-left", "Pulls left, g", Kind.RATIO, field.y(), value -> field(1, value));
        number("case-up", "Pulls up, g", Kind.RATIO, field.z(), value -> field(2, value));
        number("case-drive", "Share of the drive", Kind.RATIO, load.drive(), value -> shown.withDrive(value));
        number("case-pitch", "Pitching, rad/s", Kind.RATIO, load.turning().y(), value -> turning(value, 1));
        number("case-yaw", "Yawing, rad/s", Kind.RATIO, load.turning().z(), value -> turning(value, 2));
        choice("case-shock", "At once", Shock.values(), Shock::words, load.shock(), value -> shown.withShock(value));
        choice("case-level", "Held as", Level.values(), Level::word, load.level(), value -> shown.withLevel(value));
        words("case-source", "Source", load.source(), value -> shown.withSource(value));
        Label hint =
                new Label("Standing still pulls -1 g up: its own weight is part of every case. Each case is looked at"
                        + " mirrored and reversed too.");
        hint.getStyleClass().add("figure-name");
        hint.setWrapText(true);
        hint.setMinHeight(USE_PREF_SIZE);
        getChildren().add(hint);
    }

    private LoadCase field(int axis, double value) {
        return shown.withField(with(shown.field(), axis, value));
    }

    private LoadCase turning(double value, int axis) {
        return shown.withTurning(with(shown.turning(), axis, value));
    }

    private static Vec3 with(Vec3 vector, int axis, double value) {
        return new Vec3(axis == 0 ? value : vector.x(), axis == 1 ? value : vector.y(), axis == 2 ? value : vector.z());
    }

    private void number(String id, String name, Kind kind, double value, Function<Double, LoadCase> change) {
        QuantityField field = new QuantityField(
                id, name, kind, typed -> desk.session().apply(new LoadEdit.SetCase(change.apply(typed))));
        field.show(value, desk.units());
        getChildren().add(field);
    }

    private void words(String id, String name, String value, Function<String, LoadCase> change) {
        WordField field =
                new WordField(id, name, "", typed -> desk.session().apply(new LoadEdit.SetCase(change.apply(typed))));
        field.show(value, desk.units());
        getChildren().add(field);
    }

    private <T> void choice(
            String id, String name, T[] values, Function<T, String> word, T value, Function<T, LoadCase> change) {
        ComboBox<T> box = new ComboBox<>();
        box.setId(id);
        box.setAccessibleText(name);
        box.getItems().setAll(values);
        box.setConverter(new Words<>(Arrays.asList(values), word));
        box.setValue(value);
        box.setOnAction(choice -> desk.session().apply(new LoadEdit.SetCase(change.apply(box.getValue()))));
        Label label = new Label(name);
        label.getStyleClass().add("name");
        HBox row = new HBox(label, box);
        row.getStyleClass().add("field-row");
        getChildren().add(row);
    }
}
