package oddcradle.desktop.slate;

import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import oddcradle.core.report.Answer;
import oddcradle.desktop.store.Desk;

/** Questions of a builder, each with a large number, words and its why. */
public final class Answers {
    private Answers() {}

    /** @param prefix of the numbers' ids */
    public static List<Node> of(Desk desk, String prefix, List<Answer> answers) {
        return answers.stream()
                .flatMap(answer -> of(desk, prefix, answer).stream())
                .toList();
    }

    private static List<Node> of(Desk desk, String prefix, Answer answer) {
        Label number = new Label(answer.number().map(desk.units()::show).orElse("–"));
        number.setId(prefix + answer.id());
        number.getStyleClass().add("big-number");
        HBox line = new HBox(8, number, new WhyLink(answer::question, answer::why, desk::units));
        line.setAlignment(Pos.BASELINE_LEFT);
        return List.of(
                Text.head(answer.question()), line, Text.line(answer.words().in(desk.units())));
    }
}
