package oddcradle.desktop.slate;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import oddcradle.core.math.InvalidValue;

/** A few fields and a button that takes them together; what is wrong stands under them and nothing typed is lost. */
public final class Form extends VBox {
    private final String id;
    private final Label problem = new Label();
    private final List<TextField> fields = new ArrayList<>();

    /** @param id of the form; fields are {@code id-name}, the button {@code id-take} */
    public Form(String id, String title) {
        super(4);
        this.id = id;
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

    /** @param word how a value is shown */
    public <T> ComboBox<T> choice(String name, List<T> values, Function<T, String> word) {
        ComboBox<T> box = new ComboBox<>();
        box.setConverter(new Words<>(values, word));
        box.setId(id + "-" + name.replace(' ', '-'));
        box.setAccessibleText(name);
        box.getItems().setAll(values);
        if (!values.isEmpty()) {
            box.setValue(values.get(0));
        }
        row(name, box);
        return box;
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
                problem.setText(invalid.getMessage());
            }
        });
        getChildren().addAll(problem, button);
        return this;
    }
}
