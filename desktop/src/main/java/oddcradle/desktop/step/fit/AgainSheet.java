package oddcradle.desktop.step.fit;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Phrase;
import oddcradle.core.fitup.Again;
import oddcradle.core.fitup.FitUp;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.look.SeverityMark;
import oddcradle.desktop.slate.Leaves;
import oddcradle.desktop.slate.StudySheet;
import oddcradle.desktop.slate.Table;
import oddcradle.desktop.slate.Text;
import oddcradle.desktop.store.Desk;

/** Every step once more for the machine as it came out, beside what was planned. */
final class AgainSheet {
    private final Desk desk;
    private final Label said = Text.said("again-said");
    private final VBox turned = new VBox(4);
    private final Label odds = Text.said("next-try");
    private final Table<Again.Changed> changed;

    AgainSheet(Desk desk) {
        this.desk = desk;
        turned.setId("again-turned");
        changed = new Table<>(
                "again",
                each -> each.step() + each.name(),
                List.of(
                        Table.Column.words("figure", each -> each.step().title() + ", " + each.name()),
                        Table.Column.words("planned", each -> desk.units().show(each.planned())),
                        Table.Column.words("built", each -> desk.units().show(each.now()))),
                each -> desk.goTo(each.step()));
        changed.whenEmpty("No figure has changed by a hundredth of itself.");
    }

    Leaves.Leaf leaf() {
        return new StudySheet<>(
                        desk,
                        desk.fitUp(),
                        this::show,
                        odds,
                        said,
                        turned,
                        Text.head("Figures that changed most"),
                        changed)
                .leaf();
    }

    private void show(FitUp fitUp) {
        turned.getChildren().clear();
        odds.setText(fitUp.nextTry()
                .map(each -> Phrase.of(
                                "Odds of the next try, as the mount is now: every bolt goes in by hand {}; then in line before anything is set by dial {}; nothing touches {}.",
                                Quantity.share(each.bolts()),
                                Quantity.share(each.line()),
                                Quantity.share(each.clear()))
                        .in(desk.units()))
                .orElse(""));
        Optional<Again> again = fitUp.again();
        changed.show(again.map(Again::changed).orElse(List.of()));
        said.setText(again.map(each -> each.turned().isEmpty()
                        ? "Built as it was, every step says what it said of the drawing" + better(each) + "."
                        : "Built as it was, " + count(each.turned().size(), "finding is", "findings are")
                                + " new or worse than of the drawing" + better(each) + ":")
                .orElse("Nothing is measured yet: this sheet sets the machine as built beside the drawing."));
        again.ifPresent(each -> each.turned().stream().map(Again.Turned::shown).forEach(finding -> turned.getChildren()
                .add(line(finding))));
    }

    private static String better(Again again) {
        return again.mended().isEmpty() ? "" : ", " + count(again.mended().size(), "is", "are") + " better or gone";
    }

    private static String count(int number, String one, String several) {
        return number + " " + (number == 1 ? one : several);
    }

    private Label line(Finding finding) {
        Label line = Text.line(finding.severity().word() + ", " + finding.step().title() + ": "
                + finding.what().in(desk.units()));
        line.getStyleClass().add(SeverityMark.styleClass(finding.severity()));
        return line;
    }
}
