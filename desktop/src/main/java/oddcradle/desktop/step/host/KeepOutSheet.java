package oddcradle.desktop.step.host;

import java.util.Comparator;
import java.util.List;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import oddcradle.core.finding.Step;
import oddcradle.core.geometry.motion.Motion;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.card.AddBox;
import oddcradle.desktop.store.Desk;

/** What must not be touched, what it is, and how it moves. */
final class KeepOutSheet extends VBox {
    private final Desk desk;
    private final GridPane rows = new GridPane();
    private final AddBox add;

    KeepOutSheet(Desk desk) {
        super(6);
        this.desk = desk;
        rows.setHgap(12);
        rows.setVgap(3);
        add = new AddBox(desk, Step.HOST, deed -> deed.words().equals("a keep-out"));
        getChildren().addAll(rows, add);
    }

    void refresh() {
        add.refresh();
        rows.getChildren().clear();
        List<KeepOut> sorted = desk.session().job().host().keepOuts().stream()
                .sorted(Comparator.comparing(KeepOut::category))
                .toList();
        int row = 0;
        for (KeepOut each : sorted) {
            Hyperlink name = new Hyperlink(each.label());
            name.getStyleClass().add("why");
            name.setOnAction(click -> desk.edit(each.id()));
            Label kind = new Label(each.category().word());
            kind.getStyleClass().add("note-step");
            rows.addRow(row++, name, kind);
            for (Motion motion : each.motions()) {
                Label words = new Label(words(motion));
                words.getStyleClass().add("note-step");
                rows.add(words, 0, row++, 2, 1);
            }
        }
    }

    private String words(Motion motion) {
        boolean turns = motion instanceof Motion.Turn;
        Quantity from = turns ? Quantity.angle(motion.from()) : Quantity.length(motion.from());
        Quantity to = turns ? Quantity.angle(motion.to()) : Quantity.length(motion.to());
        return (turns ? "    turns " : "    travels ") + desk.units().show(from) + " to "
                + desk.units().show(to);
    }
}
