package oddcradle.desktop.step.fit;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import oddcradle.core.fitup.SignOff;
import oddcradle.core.job.edit.SetAsBuilt;
import oddcradle.core.job.fit.AsBuilt;
import oddcradle.core.job.fit.Inspection;
import oddcradle.desktop.slate.Leaves;
import oddcradle.desktop.slate.Text;
import oddcradle.desktop.store.Desk;

/** What is looked at before the engine runs, and who did. */
final class SignOffSheet extends VBox {
    private final Desk desk;
    private final Label sum = Text.said("sign-sum");
    private final TextField who = new TextField();
    private final Label problem = new Label();
    private final VBox rows = new VBox(8);

    SignOffSheet(Desk desk) {
        super(8);
        this.desk = desk;
        who.setId("sign-who");
        who.setPromptText("who looks");
        who.setAccessibleText("who looks");
        problem.setId("sign-problem");
        problem.getStyleClass().add("field-problem");
        problem.setWrapText(true);
        problem.managedProperty().bind(problem.textProperty().isNotEmpty());
        who.textProperty().addListener(typed -> problem.setText(""));
        Label name = new Label("who looks");
        name.getStyleClass().add("name");
        HBox row = new HBox(6, name, who);
        row.getStyleClass().add("field-row");
        getChildren()
                .addAll(
                        sum,
                        row,
                        problem,
                        rows,
                        Text.line(
                                "A hand push, or standing on the gearbox, shows slack; it is no test of strength or of life. Where the law asks for licensed inspection, this list is none."));
    }

    Leaves.Leaf leaf() {
        return new Leaves.Leaf(this, this::refresh);
    }

    private void refresh() {
        SignOff list = SignOff.of(desk.session().job());
        sum.setText(
                list.open() == 0
                        ? "Everything on the list has been looked at."
                        : list.open() + " of " + list.items().size() + " still to be looked at before it runs.");
        rows.getChildren().setAll(list.items().stream().map(this::row).toList());
    }

    private VBox row(SignOff.Item item) {
        VBox row = new VBox(2, Text.head(capital(item.what())), Text.line(capital(item.why()) + "."));
        if (item.looked().isPresent()) {
            Inspection looked = item.looked().get();
            Label by = Text.line("✓ " + looked.who() + (looked.date().isEmpty() ? "" : ", " + looked.date())
                    + (looked.found().isEmpty() ? "" : ": " + looked.found()));
            by.getStyleClass().add("figure-value");
            Button again = Text.button("sign-again-" + id(item), "Look again", () -> note(item, false));
            row.getChildren().addAll(by, again);
        } else {
            row.getChildren().add(Text.button("sign-" + id(item), "Looked at", () -> note(item, true)));
        }
        return row;
    }

    private static String id(SignOff.Item item) {
        return item.mark().replace(' ', '-');
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    private void note(SignOff.Item item, boolean looked) {
        if (looked && who.getText().isBlank()) {
            problem.setText("Who looked? Write a name first.");
            who.requestFocus();
            return;
        }
        AsBuilt built = desk.session().job().asBuilt();
        List<Inspection> all = new ArrayList<>(built.inspections());
        all.removeIf(each -> each.item().equals(item.mark()));
        if (looked) {
            all.add(new Inspection(
                    item.mark(), who.getText().strip(), LocalDate.now().toString(), ""));
        }
        desk.session()
                .apply(new SetAsBuilt(
                        built.withInspections(all),
                        looked ? "looked at " + item.mark() : "look again",
                        "sign." + item.mark()));
    }
}
