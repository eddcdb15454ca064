package oddcradle.desktop.step.measured;

import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.survey.Instrument;
import oddcradle.core.survey.Reading;
import oddcradle.core.units.Entry;
import oddcradle.core.units.InvalidWords;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;
import oddcradle.desktop.slate.Draft;
import oddcradle.desktop.slate.Pointer;
import oddcradle.desktop.slate.QuantityField;

/**
 * The field that a hand or a caliper types a reading into; Enter takes it, and so does leaving it. Instrument and uncertainty
 * stay for the next.
 */
final class ReadingEntry extends VBox implements Draft {
    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");

    private final TextField text = new TextField();
    private final Label unit = new Label();
    private final Label problem = new Label();
    private final ComboBox<Instrument> instrument = new ComboBox<>();
    private final QuantityField lengthSigma;
    private final QuantityField angleSigma;
    private final VBox sigma = new VBox();
    private final Consumer<Reading> taken;
    private Reading wanted;
    /** What stood in the field when it was asked for. */
    private String asked = "";

    private UnitStyle style = UnitStyle.MILLIMETRES;
    private boolean showing;

    /** @param taken gets the reading with the value typed; an {@link InvalidValue} it throws is shown at the field */
    ReadingEntry(Consumer<Reading> taken) {
        super(4);
        this.taken = taken;
        Label name = new Label("Reading");
        name.getStyleClass().add("name");
        name.setLabelFor(text);
        text.setId("reading-entry");
        text.getStyleClass().add("quantity-field");
        text.setAccessibleText("reading");
        unit.getStyleClass().add("field-unit");
        problem.setId("reading-problem");
        problem.getStyleClass().add("field-problem");
        problem.setWrapText(true);
        HBox row = new HBox(name, text, unit);
        row.getStyleClass().add("field-row");
        text.setOnAction(enter -> {
            take();
            text.requestFocus();
        });
        text.setOnKeyPressed(key -> {
            if (key.getCode() == KeyCode.ESCAPE) {
                drop();
            }
        });
        text.textProperty().addListener(typed -> complain(""));
        Pointer.watch(this);
        instrument.setId("reading-instrument");
        instrument.setAccessibleText("instrument");
        instrument.getItems().setAll(Instrument.values());
        instrument.setConverter(new InstrumentText());
        instrument.setOnAction(choice -> chooseInstrument());
        Label with = new Label("Read with");
        with.getStyleClass().add("name");
        HBox withRow = new HBox(with, instrument);
        withRow.getStyleClass().add("field-row");
        lengthSigma = new QuantityField("reading-sigma", "Uncertain by ±", Kind.LENGTH, this::chooseSigma);
        angleSigma = new QuantityField("reading-angle-sigma", "Uncertain by ±", Kind.ANGLE, this::chooseSigma);
        getChildren().addAll(row, problem, withRow, sigma);
        problem.setManaged(false);
    }

    /** What is typed is taken when the keyboard leaves this area; its buttons act on what is asked. */
    void takeWhenLeaving(Node area) {
        area.focusWithinProperty().addListener((property, was, within) -> {
            if (!within) {
                settle();
            }
        });
    }

    @Override
    public boolean isEdited() {
        return !text.getText().isBlank() && !text.getText().equals(asked);
    }

    @Override
    public void settle() {
        if (isEdited()) {
            take();
        }
    }

    @Override
    public void drop() {
        text.setText(asked);
    }

    @Override
    public void goBack() {
        text.requestFocus();
    }

    @Override
    public String words() {
        return "Reading: " + problem.getText();
    }

    /** Asks for a reading; what was typed and not taken goes away. */
    void ask(Reading reading, String shownText, UnitStyle newStyle) {
        wanted = reading;
        style = newStyle;
        asked = shownText;
        text.setText(shownText);
        complain("");
        show();
    }

    Reading wanted() {
        return wanted;
    }

    TextField field() {
        return text;
    }

    private boolean angle() {
        return wanted instanceof Reading.Slope;
    }

    private Kind kind() {
        return angle() ? Kind.ANGLE : Kind.LENGTH;
    }

    private void show() {
        showing = true;
        unit.setText(style.typedUnit(kind()));
        instrument.setValue(wanted.instrument());
        QuantityField field = angle() ? angleSigma : lengthSigma;
        field.show(wanted.sigma(), style);
        sigma.getChildren().setAll(field);
        showing = false;
    }

    private void chooseInstrument() {
        if (!showing && wanted != null) {
            Instrument chosen = instrument.getValue();
            wanted = wanted.taken(chosen, angle() ? chosen.angleSigma() : chosen.lengthSigma());
            show();
        }
    }

    private void chooseSigma(double value) {
        wanted = wanted.taken(wanted.instrument(), value);
    }

    private void take() {
        try {
            Quantity typed = Entry.read(text.getText(), kind(), style);
            taken.accept(wanted.with(typed.si()));
        } catch (InvalidValue invalid) {
            complain(InvalidWords.problem(invalid, style));
        }
    }

    private void complain(String what) {
        text.pseudoClassStateChanged(WRONG, !what.isEmpty());
        problem.setText(what);
        Pointer.whenUp(this, () -> problem.setManaged(!problem.getText().isEmpty()));
    }

    private static final class InstrumentText extends StringConverter<Instrument> {
        @Override
        public String toString(Instrument value) {
            return value == null ? "" : value.word();
        }

        @Override
        public Instrument fromString(String word) {
            for (Instrument each : Instrument.values()) {
                if (each.word().equals(word)) {
                    return each;
                }
            }
            return null;
        }
    }
}
