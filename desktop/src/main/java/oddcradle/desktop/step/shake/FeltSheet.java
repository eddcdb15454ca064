package oddcradle.desktop.step.shake;

import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import oddcradle.core.search.ShakeAnswers;
import oddcradle.core.search.ShakeMaps;
import oddcradle.desktop.slate.WhyLink;
import oddcradle.desktop.store.Desk;

/** The three answers that matter, and the speeds that are passed through and not stayed at. */
final class FeltSheet extends VBox {
    private final Desk desk;

    FeltSheet(Desk desk) {
        super(4);
        this.desk = desk;
    }

    void refresh() {
        getChildren().clear();
        desk.live()
                .asideProperty()
                .get()
                .shaking()
                .ifPresentOrElse(
                        this::show,
                        () -> getChildren()
                                .add(
                                        wrapped(
                                                desk.session()
                                                                .job()
                                                                .cradle()
                                                                .isolators()
                                                                .isEmpty()
                                                        ? "No lug is mounted yet: see Cradle, Mounts."
                                                        : "Being worked out; a frame that stands only with the engine in it has no answer here.")));
    }

    private void show(ShakeMaps.Maps maps) {
        for (ShakeAnswers.Answer answer : ShakeAnswers.of(desk.examination(), maps)) {
            Label question = new Label(answer.question());
            question.getStyleClass().add("section-title");
            Label number = new Label(answer.number().map(desk.units()::show).orElse("–"));
            number.setId("felt-" + answer.id());
            number.getStyleClass().add("big-number");
            HBox line = new HBox(8, number, new WhyLink(answer::question, answer::why, desk::units));
            line.setAlignment(Pos.BASELINE_LEFT);
            getChildren().addAll(question, line, wrapped(answer.words().in(desk.units())));
        }
        Label title = new Label("Pass through, do not stay at");
        title.getStyleClass().add("section-title");
        getChildren().add(title);
        var peaks = ShakeAnswers.peaks(desk.examination(), maps.full());
        for (ShakeAnswers.Peak peak : peaks) {
            getChildren().add(wrapped(ShakeAnswers.words(maps.full(), peak).in(desk.units())));
        }
        if (peaks.isEmpty()) {
            getChildren().add(wrapped("From idle up no speed stands out."));
        }
    }

    private static Label wrapped(String words) {
        Label label = new Label(words);
        label.setWrapText(true);
        label.setMinHeight(USE_PREF_SIZE);
        return label;
    }
}
