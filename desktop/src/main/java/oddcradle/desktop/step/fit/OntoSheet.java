package oddcradle.desktop.step.fit;

import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import oddcradle.core.fitup.FitUp;
import oddcradle.core.fitup.FittingOrder;
import oddcradle.core.fitup.TipOver;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.slate.Leaves;
import oddcradle.desktop.slate.StudySheet;
import oddcradle.desktop.slate.Text;
import oddcradle.desktop.store.Desk;

/** How the engine goes onto its mounts, move by move. */
final class OntoSheet {
    private final Desk desk;
    private final Label tips = Text.said("tip-over");
    private final VBox rows = new VBox(8);

    OntoSheet(Desk desk) {
        this.desk = desk;
        rows.setId("fitting-order");
    }

    Leaves.Leaf leaf() {
        return new StudySheet<>(desk, desk.fitUp(), this::show, tips, rows).leaf();
    }

    private void show(FitUp fitUp) {
        tips.setText(tips(fitUp.tipOver()));
        rows.getChildren().clear();
        int number = 0;
        for (FittingOrder.Move move : fitUp.order().moves()) {
            number++;
            VBox row = new VBox(2, Text.head(number + "  " + move.title()));
            move.what().forEach(what -> row.getChildren().add(Text.line(what.in(desk.units()))));
            Label check = Text.line("Check: " + move.check().in(desk.units()));
            check.getStyleClass().add("figure-value");
            row.getChildren().add(check);
            rows.getChildren().add(row);
        }
        if (number == 0) {
            rows.getChildren().add(Text.line("No mount yet: they are drawn at Cradle."));
        }
    }

    private String tips(Optional<TipOver> tipOver) {
        return tipOver.map(tip -> {
                    TipOver.State worst = tip.states().stream()
                            .min((one, other) -> Double.compare(one.edge(), other.edge()))
                            .orElseThrow();
                    return "Nearest to going over with " + worst.carried()
                            + " of the engine on it: its weight lies "
                            + desk.units().show(Quantity.length(Math.abs(worst.edge())))
                            + (worst.edge() < 0 ? " outside" : " inside") + " its supports, "
                            + worst.goesOver() + ".";
                })
                .orElse(
                        "Whether the machine stands meanwhile cannot be told: weigh it, and name its supports, at Host.");
    }
}
