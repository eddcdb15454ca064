package oddcradle.desktop.step.shake;

import java.util.Optional;
import javafx.scene.layout.VBox;
import oddcradle.core.examine.Examination;
import oddcradle.core.search.ShakeAnswers;
import oddcradle.core.search.ShakeMaps;
import oddcradle.desktop.slate.Answers;
import oddcradle.desktop.slate.Text;
import oddcradle.desktop.store.Desk;
import oddcradle.desktop.task.LiveStudy;

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
        Optional<LiveStudy.Studied<ShakeMaps.Maps>> known =
                desk.shaking().shownProperty().get().filter(shaken -> shaken.of() == now);
        // What this sheet has shown stays, faint, while the machine after an edit is worked out; it is of this job.
        setOpacity(known.isPresent() || getChildren().isEmpty() ? 1 : FAINT);
        if (known.isPresent() || getChildren().isEmpty()) {
            getChildren().clear();
            known.flatMap(LiveStudy.Studied::answer)
                    .ifPresentOrElse(
                            maps -> show(now, maps),
                            () -> getChildren()
                                    .add(
                                            Text.line(
                                                    known.isEmpty()
                                                            ? "Being worked out …"
                                                            : "Nothing shakes here yet: mount the engine on a frame that stands without it (Cradle, Mounts).")));
        }
    }

    private void show(Examination now, ShakeMaps.Maps maps) {
        getChildren().addAll(Answers.of(desk, "felt-", ShakeAnswers.of(now, maps)));
        getChildren().add(Text.head("Pass through, do not stay at"));
        var peaks = ShakeAnswers.peaks(now, maps.full());
        for (ShakeAnswers.Peak peak : peaks) {
            getChildren().add(Text.line(ShakeAnswers.words(maps.full(), peak).in(desk.units())));
        }
        if (peaks.isEmpty()) {
            getChildren().add(Text.line("From idle up no speed stands out."));
        }
    }
}
