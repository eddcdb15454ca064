package oddcradle.desktop.slate;

import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import javafx.stage.Popup;
import oddcradle.core.finding.Why;
import oddcradle.core.units.UnitStyle;
import oddcradle.desktop.look.Look;

/** The answer to "why?", shown beside what was asked: formula, inputs, source. Esc or a click elsewhere closes it. */
public final class WhyCard {
    private static final double WIDTH = 340;

    private WhyCard() {}

    public static Popup show(Node owner, String title, Why why, UnitStyle style) {
        VBox card = new VBox();
        card.setId("why-card");
        card.getStyleClass().add("why-card");
        card.setPrefWidth(WIDTH);
        Label head = new Label(title);
        head.getStyleClass().add("section-title");
        head.setWrapText(true);
        Label formula = new Label(why.formula());
        formula.getStyleClass().add("formula");
        formula.setWrapText(true);
        GridPane inputs = new GridPane();
        inputs.setHgap(14);
        inputs.setVgap(2);
        for (int k = 0; k < why.inputs().size(); k++) {
            Why.Input input = why.inputs().get(k);
            Label value = new Label(style.show(input.quantity()));
            value.getStyleClass().add("figure-value");
            inputs.addRow(k, new Label(input.name()), value);
        }
        Label source = new Label("source: " + why.source().words());
        source.getStyleClass().add("source");
        source.setWrapText(true);
        card.getChildren().addAll(head, formula, inputs, source);
        // A popup is a scene of its own: it needs the window's sheet and look.
        Look.lend(owner.getScene(), card);
        Popup popup = new Popup();
        popup.setAutoHide(true);
        popup.getContent().add(card);
        Bounds at = owner.localToScreen(owner.getBoundsInLocal());
        popup.show(owner, at.getMaxX() - WIDTH, at.getMaxY() + 4);
        return popup;
    }
}
