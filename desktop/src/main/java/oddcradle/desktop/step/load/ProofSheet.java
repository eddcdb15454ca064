package oddcradle.desktop.step.load;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import oddcradle.core.examine.Examination;
import oddcradle.core.proof.LoadProof;
import oddcradle.desktop.slate.Text;
import oddcradle.desktop.store.Desk;
import oddcradle.desktop.task.LiveStudy;

/** A sheet on what the slow studies of the loaded frame have found; what it has shown stays, faint, until they are done anew. */
final class ProofSheet extends VBox {
    private static final double FAINT = 0.5;

    private final Desk desk;
    private final Function<LoadProof, List<Node>> rows;

    ProofSheet(Desk desk, Function<LoadProof, List<Node>> rows) {
        super(4);
        this.desk = desk;
        this.rows = rows;
    }

    void refresh() {
        Examination now = desk.examination();
        desk.proof().ask(now);
        Optional<LiveStudy.Studied<LoadProof>> known =
                desk.proof().shownProperty().get().filter(studied -> studied.of() == now);
        setOpacity(known.isPresent() || getChildren().isEmpty() ? 1 : FAINT);
        if (known.isPresent() || getChildren().isEmpty()) {
            getChildren().clear();
            known.flatMap(LiveStudy.Studied::answer)
                    .ifPresentOrElse(proof -> getChildren().setAll(rows.apply(proof)), () -> getChildren()
                            .add(Text.line(
                                    known.isEmpty()
                                            ? "Being worked out …"
                                            : "The frame does not stand yet: see what is said of it at Load.")));
        }
    }
}
