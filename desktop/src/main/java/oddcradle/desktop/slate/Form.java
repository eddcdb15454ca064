package oddcradle.desktop.slate;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.units.InvalidWords;
import oddcradle.core.units.UnitStyle;

/** A few fields and a button, or Enter, that takes them together; what is wrong stands under them and nothing typed is lost. */
public final class Form extends VBox implements Draft {
    private final Supplier<UnitStyle> style;
    private final String id;
    private final String title;
    private final Label problem = new Label();
    private final List<Runnable> choices = new ArrayList<>();
    private final List<TextField> fields = new ArrayList<>();

    /**
     * @param style in which numbers in complaints are told
     * @param id of the form; fields are {@code id-name}, the button {@code id-take}
     */
    public Form(Supplier<UnitStyle> style, String id, String title) {
        super(4);
        this.style = style;
        this.id = id;
        this.title = title;
        Label head = new Label(title);
        head.getStyleClass().add("section-title");
        getChildren().add(head);
        problem.setId(id + "-problem");
        problem.getStyleClass().add("field-problem");
        problem.setWrapText(true);
        problem.managedProperty().bind(problem.textProperty().isNotEmpty());
    }

    public TextField text(String name, String prompt) {
        TextField field = new TextField();
        field.setId(id + "-" + name.replace(' ', '-'));
        field.setPromptText(prompt);
        field.setAccessibleText(name);
        field.setPrefWidth(206);
        fields.add(field);
        row(name, field);
        return field;
    }

    /** Something that is so or not; it stays as it is when the fields are cleared. */
    public CheckBox check(String name, String words) {
        CheckBox box = new CheckBox(words);
        box.setId(id + "-" + name.replace(' ', '-'));
        getChildren().add(box);
        return box;
    }

    /** @param word how a value is shown */
    public <T> ComboBox<T> choice(String name, List<T> values, Function<T, String> word) {
        return choice(name, () -> values, word);
    }

    /** @param values may change with the job; {@link #refresh} takes them up */
    public <T> ComboBox<T> choice(String name, Supplier<List<T>> values, Function<T, String> word) {
        ComboBox<T> box = box(name, values, word);
        row(name, box);
        return box;
    }

    /** The same over the whole width, for values with long names. */
    public <T> ComboBox<T> wideChoice(String name, Supplier<List<T>> values, Function<T, String> word) {
        ComboBox<T> box = box(name, values, word);
        box.setMaxWidth(Double.MAX_VALUE);
        getChildren().add(box);
        return box;
    }

    private <T> ComboBox<T> box(String name, Supplier<List<T>> values, Function<T, String> word) {
        ComboBox<T> box = new ComboBox<>();
        box.setId(id + "-" + name.replace(' ', '-'));
        box.setAccessibleText(name);
        List<String> told = new ArrayList<>();
        Runnable fill = () -> {
            List<T> now = values.get();
            List<String> words = now.stream().map(word).toList();
            if (!words.equals(told)) {
                told.clear();
                told.addAll(words);
                T before = box.getValue();
                box.setConverter(new Words<>(now, word));
                box.getItems().setAll(now);
                box.setValue(
                        before != null && now.contains(before)
                                ? before
                                : now.stream().findFirst().orElse(null));
            }
        };
        fill.run();
        choices.add(fill);
        return box;
    }

    /** Offers what there is now. */
    public void refresh() {
        choices.forEach(Runnable::run);
    }

    private void row(String name, Node field) {
        Label label = new Label(name);
        label.getStyleClass().add("name");
        HBox row = new HBox(label, field);
        row.getStyleClass().add("field-row");
        getChildren().add(row);
    }

    /** The button; after {@code take} has run without complaint the fields are cleared. */
    public Form button(String words, Runnable take) {
        Button button = new Button(words);
        button.setId(id + "-take");
        button.getStyleClass().add("cure-button");
        button.setOnAction(click -> {
            try {
                take.run();
                problem.setText("");
                fields.forEach(TextField::clear);
            } catch (InvalidValue invalid) {
                problem.setText(InvalidWords.of(invalid, style.get()));
            }
        });
        fields.forEach(field -> {
            field.setOnAction(enter -> button.fire());
            field.textProperty().addListener(typed -> problem.setText(""));
        });
        // Under the button: what is said there moves nothing from under the pointer.
        getChildren().addAll(button, problem);
        return this;
    }

    @Override
    public boolean isEdited() {
        return fields.stream().anyMatch(field -> !field.getText().isBlank());
    }

    @Override
    public void settle() {
        // Only its button says that it is complete.
    }

    @Override
    public boolean waitsForButton() {
        return true;
    }

    @Override
    public String words() {
        return title + ": filled in, not taken yet";
    }

    @Override
    public void drop() {
        fields.forEach(TextField::clear);
    }

    @Override
    public void goBack() {
        fields.get(0).requestFocus();
    }
}
