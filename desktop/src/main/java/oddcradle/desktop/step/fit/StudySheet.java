package oddcradle.desktop.step.fit;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import oddcradle.core.examine.Examination;
import oddcradle.core.fitup.FitUp;
import oddcradle.desktop.slate.Leaves;
import oddcradle.desktop.slate.Text;
import oddcradle.desktop.store.Desk;
import oddcradle.desktop.task.LiveStudy;

/** A sheet on what is to be done about the mount; what it has shown stays, faint, until that is worked out anew. */
final class StudySheet extends VBox {
    private static final double FAINT = 0.5;

    private final Desk desk;
    private final Consumer<FitUp> show;
    private final Label waiting = Text.line("Being worked out …");
    private Optional<FitUp> shown = Optional.empty();

    /** @param show fills the nodes */
    StudySheet(Desk desk, Consumer<FitUp> show, Node... nodes) {
        super(8);
        this.desk = desk;
        this.show = show;
        waiting.managedProperty().bind(waiting.visibleProperty());
        getChildren().add(waiting);
        getChildren().addAll(nodes);
        desk.fitUp().shownProperty().addListener(change -> {
            if (getScene() != null) {
                refresh();
            }
        });
    }

    Leaves.Leaf leaf() {
        return new Leaves.Leaf(this, this::refresh);
    }

    private void refresh() {
        Examination now = desk.examination();
        desk.fitUp().ask(now);
        Optional<FitUp> known = desk.fitUp()
                .shownProperty()
                .get()
                .filter(studied -> studied.of() == now)
                .flatMap(LiveStudy.Studied::answer);
        if (known.isPresent()) {
            shown = known;
        }
        setOpacity(known.isPresent() || shown.isEmpty() ? 1 : FAINT);
        waiting.setVisible(shown.isEmpty());
        known.ifPresent(show);
    }
}
