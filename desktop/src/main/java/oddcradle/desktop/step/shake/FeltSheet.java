package oddcradle.desktop.step.shake;

import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import oddcradle.core.examine.Examination;
import oddcradle.core.search.ShakeAnswers;
import oddcradle.core.search.ShakeMaps;
import oddcradle.desktop.slate.WhyLink;
import oddcradle.desktop.store.Desk;
import oddcradle.desktop.task.LiveShaking;

/** The three answers that matter, and the speeds that are passed through and not stayed at. */
final class FeltSheet extends VBox {
    private static final double FAINT = 0.5;

    private final Desk desk;

    FeltSheet(Desk desk) {
        super(4);
        this.desk = desk;
    }

    void refresh() {
        Examination now = desk.examination();
        desk.shaking().ask(now);
        Optional<LiveShaking.Shaken> known =
                desk.shaking().shownProperty().get().filter(shaken -> shaken.of() == now);
        // What this sheet has shown stays, faint, while the machine after an edit is worked out; it is of this job.
        setOpacity(known.isPresent() || getChildren().isEmpty() ? 1 : FAINT);
        if (known.isPresent() || getChildren().isEmpty()) {
            getChildren().clear();
            known.flatMap(LiveShaking.Shaken::maps)
                    .ifPresentOrElse(
                            maps -> show(now, maps),
                            () -> getChildren()
                                    .add(
                                            wrapped(
                                                    known.isEmpty()
                                                            ? "Being worked out …"
                                                            : "Nothing shakes here yet: mount the engine on a frame that stands without it (Cradle, Mounts).")));
        }
    }

    private void show(Examination now, ShakeMaps.Maps maps) {
        for (ShakeAnswers.Answer answer : ShakeAnswers.of(now, maps)) {
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
        var peaks = ShakeAnswers.peaks(now, maps.full());
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
