package oddcradle.desktop.step.run;

import java.util.Locale;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import oddcradle.core.job.fit.Inspection;
import oddcradle.core.keeping.StartList;
import oddcradle.core.search.ShakeAnswers;
import oddcradle.core.search.ShakeMaps;
import oddcradle.desktop.slate.Leaves;
import oddcradle.desktop.slate.Signing;
import oddcradle.desktop.slate.StudySheet;
import oddcradle.desktop.slate.Text;
import oddcradle.desktop.store.Desk;

/** The first start of this machine, in its order, and the speeds that are no speeds to stay at. */
final class StartSheet extends VBox {
    private final Desk desk;
    private final Label sum = Text.said("start-sum");
    private final Signing signing;
    private final VBox speeds = new VBox(4);
    private final VBox rows = new VBox(8);
    private final Leaves.Leaf study;

    StartSheet(Desk desk) {
        super(8);
        this.desk = desk;
        signing = new Signing(desk, "start", "Who did? Write a name first.");
        speeds.setId("start-speeds");
        study = new StudySheet<>(desk, desk.shaking(), this::speeds, speeds).leaf();
        getChildren()
                .addAll(
                        sum,
                        signing,
                        Text.head("Speeds to pass through, not to stay at"),
                        study.node(),
                        rows,
                        Text.line("Printed with room to tick: Make, Packet, First start and service sheet."));
    }

    Leaves.Leaf leaf() {
        return new Leaves.Leaf(this, this::refresh);
    }

    private void speeds(ShakeMaps.Maps maps) {
        speeds.getChildren().clear();
        for (ShakeAnswers.Peak peak : ShakeAnswers.peaks(desk.examination(), maps.full())) {
            speeds.getChildren()
                    .add(Text.line(ShakeAnswers.words(maps.full(), peak).in(desk.units())));
        }
        if (speeds.getChildren().isEmpty()) {
            speeds.getChildren().add(Text.line("None from idle up: nothing stands out."));
        }
    }

    private void refresh() {
        study.refresh().run();
        StartList list = StartList.of(desk.session().job());
        sum.setText(
                list.open() == 0
                        ? "Everything on the list has been done."
                        : list.open() + " of " + list.items().size() + " still to do.");
        rows.getChildren().clear();
        StartList.When when = null;
        for (StartList.Item item : list.items()) {
            if (item.when() != when) {
                when = item.when();
                rows.getChildren().add(Text.head(capital(when.word())));
            }
            rows.getChildren().add(row(item));
        }
    }

    private VBox row(StartList.Item item) {
        Label what = Text.line(capital(item.what()));
        what.getStyleClass().add("figure-value");
        VBox row = new VBox(2, what, Text.line(capital(item.why()) + "."));
        String id = item.mark().replaceAll("[^A-Za-z0-9]+", "-");
        if (item.looked().isPresent()) {
            Inspection looked = item.looked().get();
            row.getChildren()
                    .addAll(
                            Text.line("✓ " + looked.who() + (looked.date().isEmpty() ? "" : ", " + looked.date())),
                            Text.button("again-" + id, "Not yet after all", () -> note(item, false)));
        } else {
            row.getChildren().add(Text.button("did-" + id, "Done", () -> note(item, true)));
        }
        return row;
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    private void note(StartList.Item item, boolean looked) {
        signing.note(item.mark(), looked, looked ? "done: " + item.what() : "not yet");
    }
}
