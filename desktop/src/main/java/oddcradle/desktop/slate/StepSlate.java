package oddcradle.desktop.slate;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import oddcradle.core.finding.Step;
import oddcradle.desktop.store.Desk;

/** One step's worksheet: title, inputs, numbers, a picture. */
public abstract class StepSlate extends VBox {
    private final List<Runnable> refreshers = new ArrayList<>();
    protected final Desk desk;

    protected StepSlate(Desk desk, Step step) {
        this.desk = desk;
        getStyleClass().add("slate-body");
        Label title = new Label(step.title());
        title.getStyleClass().add("slate-title");
        Label question = new Label(step.question());
        question.getStyleClass().add("slate-question");
        getChildren().add(new VBox(title, question));
    }

    /** Called when the examination, the units or the colours have changed; there is an examination by then. */
    public final void refresh() {
        refreshers.forEach(Runnable::run);
    }

    /** Turns to a sheet by its name; does nothing where the step has but one. */
    public final void turnTo(String sheet) {
        getChildren().stream()
                .filter(Leaves.class::isInstance)
                .map(Leaves.class::cast)
                .forEach(leaves -> leaves.turnTo(sheet));
    }

    /** The names of its sheets, to be clicked, for a place beside it; empty where the step has but one. */
    public final Optional<Node> tabs() {
        return getChildren().stream()
                .filter(Leaves.class::isInstance)
                .map(leaves -> ((Leaves) leaves).tabs())
                .findFirst();
    }

    /** Names of its sheets; none where the step has but one. */
    public final List<String> sheets() {
        return getChildren().stream()
                .filter(Leaves.class::isInstance)
                .flatMap(leaves -> ((Leaves) leaves).names().stream())
                .toList();
    }

    protected final void onRefresh(Runnable refresher) {
        refreshers.add(refresher);
    }

    protected final void add(Node... nodes) {
        getChildren().addAll(nodes);
    }

    protected final Label section(String title) {
        Label label = new Label(title);
        label.getStyleClass().add("section-title");
        label.setWrapText(true);
        getChildren().add(label);
        return label;
    }

    protected final void figures(FigureList figures) {
        getChildren().add(figures);
        onRefresh(figures::refresh);
    }

    protected final Label caution(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("caution");
        label.setWrapText(true);
        label.setMaxWidth(Double.MAX_VALUE);
        label.setMinHeight(USE_PREF_SIZE);
        getChildren().add(label);
        return label;
    }
}
