package oddcradle.desktop.slate;

import java.util.function.DoubleConsumer;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.units.Entry;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;

/**
 * A labelled field for one quantity. What is typed may carry its own unit; it is taken on Enter or when the field is left.
 * A wrong entry stays as typed, is marked, and changes nothing; Esc brings back the value.
 */
public final class QuantityField extends VBox {
    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");

    private final Kind kind;
    private final TextField text = new TextField();
    private final Label unit = new Label();
    private final Label problem = new Label();
    private final HBox row;
    private Quantity value;
    private UnitStyle style = UnitStyle.MILLIMETRES;

    /**
     * @param id of the text field
     * @param taken gets the new value in SI; an {@link InvalidValue} it throws is shown at the field
     */
    public QuantityField(String id, String name, Kind kind, DoubleConsumer taken) {
        this.kind = kind;
        Label label = new Label(name);
        label.getStyleClass().add("name");
        label.setLabelFor(text);
        text.setId(id);
        text.setAccessibleText(name);
        text.getStyleClass().add("quantity-field");
        unit.getStyleClass().add("field-unit");
        problem.getStyleClass().add("field-problem");
        problem.setId(id + "-problem");
        row = new HBox(label, text, unit);
        row.getStyleClass().add("field-row");
        getChildren().add(row);
        text.setOnAction(enter -> take(taken));
        text.focusedProperty().addListener((property, was, focused) -> {
            if (!focused) {
                take(taken);
            }
        });
        text.setOnKeyPressed(key -> {
            if (key.getCode() == KeyCode.ESCAPE) {
                restore();
            }
        });
    }

    /** Something shown to the right of the unit. */
    public QuantityField with(Node more) {
        row.getChildren().add(more);
        return this;
    }

    private void take(DoubleConsumer taken) {
        if (value == null || text.getText().equals(shown())) {
            complain("");
            return;
        }
        try {
            Quantity typed = Entry.read(text.getText(), kind, style);
            taken.accept(typed.si());
            value = typed;
            restore();
        } catch (InvalidValue invalid) {
            complain(invalid.problem());
        }
    }

    private void complain(String what) {
        boolean wrong = !what.isEmpty();
        text.pseudoClassStateChanged(WRONG, wrong);
        problem.setText(what);
        getChildren().remove(problem);
        if (wrong) {
            getChildren().add(problem);
        }
    }

    private void restore() {
        text.setText(shown());
        complain("");
    }

    private String shown() {
        return style.number(value);
    }

    /** Shows a value unless somebody is typing or has left a wrong entry to mend. */
    public void show(double si, UnitStyle newStyle) {
        boolean untouched = value == null || text.getText().equals(shown());
        value = new Quantity(si, kind);
        style = newStyle;
        unit.setText(style.unit(value));
        if (untouched || !text.isFocused() && problem.getText().isEmpty()) {
            text.setText(shown());
            complain("");
        }
    }
}
