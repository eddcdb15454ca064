package oddcradle.desktop.app;

import java.util.List;
import java.util.Optional;
import javafx.scene.Scene;
import javafx.scene.control.Alert;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.stage.Stage;
import oddcradle.desktop.look.Look;

/** A question that must be answered before the work goes on; closing it answers nothing. */
final class Question {
    private final Stage over;

    Question(Stage over) {
        this.over = over;
    }

    /**
     * @param back what leaving all as it is means here
     * @return which of the answers; empty if all is to stay as it is
     */
    Optional<Integer> ask(String text, String back, String... answers) {
        Alert question = new Alert(Alert.AlertType.NONE);
        question.initOwner(over);
        question.setTitle("Odd Cradle");
        question.setHeaderText(null);
        question.setContentText(text);
        dress(question.getDialogPane().getScene());
        List<ButtonType> types = List.of(answers).stream()
                .map(answer -> new ButtonType(answer, ButtonBar.ButtonData.OTHER))
                .toList();
        question.getButtonTypes().setAll(types);
        // Without it the cross of the dialog would not close it.
        question.getButtonTypes().add(ButtonType.CANCEL);
        for (int k = 0; k < types.size(); k++) {
            Button button = (Button) question.getDialogPane().lookupButton(types.get(k));
            button.setId("answer-" + k);
            button.getStyleClass().add("cure-button");
        }
        Button cancel = (Button) question.getDialogPane().lookupButton(ButtonType.CANCEL);
        cancel.setText(back);
        cancel.setId("answer-back");
        cancel.getStyleClass().add("plain-button");
        return question.showAndWait().map(types::indexOf).filter(chosen -> chosen >= 0);
    }

    /** The look of the window that it stands over. */
    private void dress(Scene scene) {
        Look.lend(over.getScene(), scene);
        scene.getRoot().getStyleClass().add("question");
    }
}
