package oddcradle.desktop.slate;

import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.units.InvalidWords;
import oddcradle.core.units.UnitStyle;

/**
 * A labelled field for one value. What is typed is taken on Enter, when the field is left and before anything that would
 * lose it. A wrong entry stays as typed, is marked, and changes nothing; Esc brings back the value.
 */
public abstract class ValueField<T> extends VBox implements Draft {
    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");

    private final TextField text = new TextField();
    private final Label unit = new Label();
    private final Label problem = new Label();
    private final HBox row;
    private final String name;
    private final Consumer<T> taken;
    private T value;
    private UnitStyle style = UnitStyle.MILLIMETRES;

    /**
     * @param id of the text field
     * @param taken gets the new value; an {@link InvalidValue} it throws is shown at the field
     */
    ValueField(String id, String name, String styleClass, Consumer<T> taken) {
        this.name = name;
        this.taken = taken;
        Label label = new Label(name);
        label.getStyleClass().add("name");
        label.setLabelFor(text);
        text.setId(id);
        text.setAccessibleText(name);
        text.getStyleClass().add(styleClass);
        unit.getStyleClass().add("field-unit");
        unit.setMinWidth(USE_PREF_SIZE);
        problem.getStyleClass().add("field-problem");
        problem.setId(id + "-problem");
        problem.setWrapText(true);
        row = new HBox(label, text, unit);
        row.getStyleClass().add("field-row");
        getChildren().add(row);
        text.setOnAction(enter -> settle());
        text.focusedProperty().addListener((property, was, focused) -> {
            if (!focused) {
                settle();
            }
        });
        // An old complaint does not stand under a new text.
        text.textProperty().addListener(typed -> complain(""));
        Pointer.watch(this);
        text.setOnKeyPressed(key -> {
            if (key.getCode() == KeyCode.ESCAPE) {
                restore();
            }
        });
    }

    /** @throws InvalidValue saying what is wrong with the text */
    abstract T read(String typed, UnitStyle shownIn);

    abstract String words(T shown, UnitStyle shownIn);

    abstract String unit(T shown, UnitStyle shownIn);

    /** Something shown to the right of the unit. */
    final void attach(Node more) {
        row.getChildren().add(more);
    }

    /** The field alone over the whole width; what it is for is said elsewhere. */
    final void spread() {
        row.getChildren().setAll(text);
        HBox.setHgrow(text, Priority.ALWAYS);
    }

    /** Also gets what is typed and not taken yet, whenever that can be read. */
    public final void whileTyping(Consumer<T> seen) {
        text.textProperty().addListener(typed -> {
            try {
                seen.accept(read(text.getText(), style));
            } catch (InvalidValue halfTyped) {
                // Told at the field once it is to be taken.
                return;
            }
        });
    }

    final void prompt(String example) {
        text.setPromptText(example);
    }

    @Override
    public final boolean isEdited() {
        return value != null && !text.getText().equals(shown());
    }

    @Override
    public final void settle() {
        if (!isEdited()) {
            complain("");
            return;
        }
        try {
            T typed = read(text.getText(), style);
            taken.accept(typed);
            value = typed;
            restore();
        } catch (InvalidValue invalid) {
            complain(InvalidWords.problem(invalid, style));
        }
    }

    private void complain(String what) {
        boolean wrong = !what.isEmpty();
        text.pseudoClassStateChanged(WRONG, wrong);
        problem.setText(what);
        Pointer.whenUp(this, () -> {
            getChildren().remove(problem);
            if (!problem.getText().isEmpty()) {
                getChildren().add(problem);
            }
        });
    }

    private void restore() {
        text.setText(shown());
        complain("");
    }

    @Override
    public final void drop() {
        restore();
    }

    @Override
    public final void goBack() {
        text.requestFocus();
    }

    @Override
    public final String words() {
        return name + ": " + problem.getText();
    }

    private String shown() {
        return words(value, style);
    }

    /** Shows a value unless somebody is typing or has left a wrong entry to mend. */
    public final void show(T newValue, UnitStyle newStyle) {
        boolean untouched = value == null || text.getText().equals(shown());
        value = newValue;
        style = newStyle;
        unit.setText(unit(value, style));
        if (untouched || !text.isFocused() && problem.getText().isEmpty()) {
            // What is marked in a field stays marked while nothing new is shown.
            if (!text.getText().equals(shown())) {
                text.setText(shown());
            }
            complain("");
        }
    }
}
