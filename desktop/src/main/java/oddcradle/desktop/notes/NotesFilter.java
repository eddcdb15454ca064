package oddcradle.desktop.notes;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;

/** Over the notes: of which step and of which weight they are shown, each with its count. */
final class NotesFilter extends HBox {
    private static final List<Severity> SHOWN =
            List.of(Severity.STOP, Severity.WATCH, Severity.NOT_CHECKED, Severity.NOTE);

    private final ToggleButton alone = new ToggleButton();
    private final Map<Severity, ToggleButton> severities = new EnumMap<>(Severity.class);
    private Set<Severity> chosen = EnumSet.noneOf(Severity.class);

    /** @param changed is told when something else is wanted */
    NotesFilter(Runnable changed) {
        super(2);
        getStyleClass().add("notes-filter");
        alone.setId("notes-alone");
        alone.getStyleClass().add("plain-button");
        alone.setOnAction(click -> changed.run());
        getChildren().addAll(new Label("Notes"), alone);
        for (Severity severity : SHOWN) {
            ToggleButton button = new ToggleButton();
            button.setId("notes-" + severity.name().toLowerCase(Locale.ROOT).replace('_', '-'));
            button.getStyleClass().add("plain-button");
            button.setOnAction(click -> {
                chosen = severities.entrySet().stream()
                        .filter(each -> each.getValue().isSelected())
                        .map(Map.Entry::getKey)
                        .collect(() -> EnumSet.noneOf(Severity.class), Set::add, Set::addAll);
                changed.run();
            });
            severities.put(severity, button);
            getChildren().add(button);
        }
    }

    void show(Step step, List<Finding> findings) {
        long here = findings.stream()
                .filter(finding -> finding.step() == step && finding.severity() != Severity.GOOD)
                .count();
        alone.setText("only " + step.title() + " " + here);
        severities.forEach((severity, button) -> {
            long count = findings.stream()
                    .filter(finding -> finding.severity() == severity && isOf(step, finding))
                    .count();
            button.setText((severity == Severity.NOT_CHECKED ? "open" : severity.word()) + " " + count);
            button.setDisable(count == 0 && !button.isSelected());
        });
    }

    private boolean isOf(Step step, Finding finding) {
        return !alone.isSelected() || finding.step() == step;
    }

    boolean shows(Step step, Finding finding) {
        return isOf(step, finding) && (chosen.isEmpty() || chosen.contains(finding.severity()));
    }
}
