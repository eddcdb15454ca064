package oddcradle.desktop.step.run;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Executor;
import javafx.geometry.Pos;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Figure;
import oddcradle.core.finding.Phrase;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.pocket.Pocket;
import oddcradle.core.pocket.PocketAnswer;
import oddcradle.core.pocket.PocketInput;
import oddcradle.core.pocket.Question;
import oddcradle.core.units.Entry;
import oddcradle.core.units.InvalidWords;
import oddcradle.desktop.slate.Leaves;
import oddcradle.desktop.slate.Text;
import oddcradle.desktop.slate.WhyLink;
import oddcradle.desktop.slate.Words;
import oddcradle.desktop.store.Desk;
import oddcradle.desktop.task.Workers;

/** Questions that builders ask, each from the open job or from a few typed numbers. */
public final class AskSheet extends VBox {
    public static final String NAME = "Ask";

    private final Desk desk;
    private final Executor background = Workers.inOrder("asking");
    private final ComboBox<Question> which = new ComboBox<>();
    private final VBox fields = new VBox(4);
    private final Map<PocketInput, TextField> typed = new HashMap<>();
    private final Label problem = new Label();
    private final VBox answer = new VBox(4);

    AskSheet(Desk desk) {
        super(8);
        this.desk = desk;
        which.setId("ask-which");
        which.setAccessibleText("question");
        which.setMaxWidth(Double.MAX_VALUE);
        which.getItems().setAll(Question.values());
        which.setConverter(new Words<>(which.getItems(), Question::words));
        which.setOnAction(choice -> arrange());
        problem.setId("ask-problem");
        problem.getStyleClass().add("field-problem");
        problem.setWrapText(true);
        problem.managedProperty().bind(problem.textProperty().isNotEmpty());
        answer.setId("ask-answer");
        getChildren().addAll(which, fields, Text.button("ask", "Answer", this::ask), problem, answer);
        which.setValue(Question.LOWEST);
        arrange();
    }

    private void arrange() {
        Question question = which.getValue();
        fields.getChildren().clear();
        typed.clear();
        problem.setText("");
        answer.getChildren().clear();
        fields.getChildren()
                .add(
                        Text.line(
                                question.inputs().isEmpty()
                                        ? "Answered from the open job."
                                        : "Empty: answered from the open job, where it can be. Typed numbers go first, each with its own unit if you like."));
        for (PocketInput input : question.inputs()) {
            TextField field = new TextField();
            field.setId("ask-" + input.key());
            field.setAccessibleText(input.words());
            field.setPromptText(desk.units().typedUnit(input.kind()));
            field.setPrefColumnCount(7);
            field.setOnAction(enter -> ask());
            Label name = new Label(input.words());
            name.getStyleClass().add("name");
            name.setWrapText(true);
            Region between = new Region();
            HBox.setHgrow(between, Priority.ALWAYS);
            HBox row = new HBox(6, name, between, field);
            row.getStyleClass().add("field-row");
            row.setAlignment(Pos.CENTER_LEFT);
            typed.put(input, field);
            fields.getChildren().add(row);
        }
    }

    /** Some answers search: they are worked out beside the window. */
    private void ask() {
        problem.setText("");
        Map<String, Double> numbers = new HashMap<>();
        for (Map.Entry<PocketInput, TextField> each : typed.entrySet()) {
            if (!each.getValue().getText().isBlank()) {
                try {
                    numbers.put(
                            each.getKey().key(),
                            Entry.read(each.getValue().getText(), each.getKey().kind(), desk.units())
                                    .si());
                } catch (InvalidValue wrong) {
                    problem.setText(each.getKey().words() + " " + wrong.problem());
                    each.getValue().requestFocus();
                    return;
                }
            }
        }
        Question question = which.getValue();
        Examination open = desk.examination();
        answer.getChildren().setAll(Text.line("Being worked out …"));
        background.execute(() -> {
            try {
                PocketAnswer found = Pocket.answer(question, Optional.of(open), numbers, Progress.UNWATCHED);
                Workers.ui().execute(() -> show(question, found));
            } catch (InvalidValue wrong) {
                Workers.ui().execute(() -> refused(question, wrong));
            }
        });
    }

    private void refused(Question question, InvalidValue wrong) {
        if (question == which.getValue()) {
            answer.getChildren().clear();
            problem.setText(InvalidWords.of(wrong, desk.units()));
        }
    }

    private void show(Question question, PocketAnswer found) {
        if (question != which.getValue()) {
            return;
        }
        answer.getChildren().clear();
        for (Phrase each : found.says()) {
            Label line = Text.line(each.in(desk.units()));
            if (answer.getChildren().isEmpty()) {
                line.getStyleClass().add("figure-value");
            }
            answer.getChildren().add(line);
        }
        found.figures().forEach(figure -> answer.getChildren().add(row(figure)));
    }

    private HBox row(Figure figure) {
        Label name = new Label(figure.name());
        name.getStyleClass().add("name");
        name.setWrapText(true);
        HBox.setHgrow(name, Priority.ALWAYS);
        name.setMaxWidth(Double.MAX_VALUE);
        Label value = new Label(desk.units().show(figure.quantity()));
        value.getStyleClass().add("figure-value");
        value.setMinWidth(USE_PREF_SIZE);
        HBox row = new HBox(6, name, value, new WhyLink(figure::name, figure::why, desk::units));
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    Leaves.Leaf leaf() {
        return new Leaves.Leaf(this, this::refresh);
    }

    /** A question that was found by its words in the finder. */
    private void refresh() {
        desk.askedProperty().get().ifPresent(question -> {
            desk.askedProperty().set(Optional.empty());
            which.setValue(question);
            arrange();
            ask();
        });
    }
}
