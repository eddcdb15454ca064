package oddcradle.desktop.step.fit;

import java.util.Locale;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import oddcradle.core.fitup.SignOff;
import oddcradle.core.job.fit.Inspection;
import oddcradle.desktop.slate.Leaves;
import oddcradle.desktop.slate.Signing;
import oddcradle.desktop.slate.Text;
import oddcradle.desktop.store.Desk;

/** What is looked at before the engine runs, and who did. */
final class SignOffSheet extends VBox {
    private final Desk desk;
    private final Label sum = Text.said("sign-sum");
    private final Signing signing;
    private final VBox rows = new VBox(8);

    SignOffSheet(Desk desk) {
        super(8);
        this.desk = desk;
        signing = new Signing(desk, "sign", "Who looked? Write a name first.");
        getChildren()
                .addAll(
                        sum,
                        signing,
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
        signing.note(item.mark(), looked, looked ? "looked at " + item.mark() : "look again");
    }
}
