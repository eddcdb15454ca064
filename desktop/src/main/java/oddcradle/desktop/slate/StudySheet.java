package oddcradle.desktop.slate;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import oddcradle.core.examine.Examination;
import oddcradle.desktop.store.Desk;
import oddcradle.desktop.task.LiveStudy;

/**
 * A sheet on what is worked out only where it is shown; what it has shown stays, faint, until that is worked out anew.
 *
 * @param <T> what is worked out
 */
public final class StudySheet<T> extends VBox {
    private static final double FAINT = 0.5;

    private final Desk desk;
    private final LiveStudy<T> study;
    private final Consumer<T> show;
    private final Label waiting = Text.line("Being worked out …");
    private Optional<T> shown = Optional.empty();

    /** @param show fills the nodes */
    public StudySheet(Desk desk, LiveStudy<T> study, Consumer<T> show, Node... nodes) {
        super(8);
        this.desk = desk;
        this.study = study;
        this.show = show;
        waiting.managedProperty().bind(waiting.visibleProperty());
        getChildren().add(waiting);
        getChildren().addAll(nodes);
        study.shownProperty().addListener(change -> {
            if (getScene() != null) {
                refresh();
            }
        });
    }

    public Leaves.Leaf leaf() {
        return new Leaves.Leaf(this, this::refresh);
    }

    private void refresh() {
        Examination now = desk.examination();
        study.ask(now);
        Optional<T> known = study.shownProperty()
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
