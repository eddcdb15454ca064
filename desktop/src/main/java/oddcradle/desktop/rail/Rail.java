package oddcradle.desktop.rail;

import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.proof.Proven;
import oddcradle.core.report.StepReport;
import oddcradle.desktop.look.SeverityMark;
import oddcradle.desktop.slate.Toggles;
import oddcradle.desktop.store.Desk;

/** The ten steps in the order of the work, each with its worst finding as shape, word and count; under the open one its sheets. */
public final class Rail extends VBox {
    private final Desk desk;
    private final Map<Step, ToggleButton> buttons = new EnumMap<>(Step.class);
    private final Map<Step, VBox> states = new EnumMap<>(Step.class);

    public Rail(Desk desk) {
        this.desk = desk;
        getStyleClass().add("rail");
        ToggleGroup group = new ToggleGroup();
        for (Step step : Step.values()) {
            ToggleButton button = button(step);
            button.setToggleGroup(group);
            buttons.put(step, button);
            getChildren().add(button);
            VBox.setVgrow(button, Priority.SOMETIMES);
        }
        Toggles.follow(group, chosen -> {
            desk.goTo((Step) chosen.getUserData());
            select(desk.stepProperty().get());
        });
        desk.stepProperty().addListener((property, before, step) -> select(step));
        select(desk.stepProperty().get());
    }

    /** Puts the names of a step's sheets under it. */
    public void showSheets(Step step, Optional<Node> sheets) {
        getChildren().removeIf(node -> !buttons.containsValue(node));
        sheets.ifPresent(names -> getChildren().add(getChildren().indexOf(buttons.get(step)) + 1, names));
    }

    private void select(Step step) {
        buttons.get(step).setSelected(true);
    }

    private ToggleButton button(Step step) {
        Label number = new Label(Integer.toString(step.number()));
        number.getStyleClass().add("number");
        Label title = new Label(step.title());
        title.getStyleClass().add("title");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        VBox state = new VBox();
        state.setAlignment(Pos.CENTER);
        state.setMinWidth(38);
        states.put(step, state);
        HBox row = new HBox(number, title, gap, state);
        row.setAlignment(Pos.CENTER_LEFT);
        ToggleButton button = new ToggleButton();
        button.setId("step-" + step.name().toLowerCase(Locale.ROOT));
        button.setGraphic(row);
        button.getStyleClass().add("rail-step");
        button.setMaxWidth(Double.MAX_VALUE);
        row.prefWidthProperty().bind(button.widthProperty().subtract(26));
        button.setUserData(step);
        return button;
    }

    public void refresh() {
        Proven proven = desk.proven();
        for (Step step : Step.values()) {
            StepReport report = proven.report(step);
            Severity worst = report.worst();
            long count = report.count(worst);
            Label word = new Label(
                    worst.isWorseThan(Severity.NOTE) && count > 1 ? worst.word() + " " + count : worst.word());
            word.getStyleClass().add("state");
            word.setMinWidth(USE_PREF_SIZE);
            if (worst == Severity.NOT_CHECKED) {
                word.setText("open");
            }
            states.get(step).getChildren().setAll(new SeverityMark(worst), word);
            buttons.get(step).setAccessibleText(step.number() + " " + step.title() + ", " + worst.word());
        }
    }
}
