package oddcradle.desktop.step.donor;

import java.util.Optional;
import java.util.Set;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import oddcradle.core.card.Cards;
import oddcradle.core.finding.Step;
import oddcradle.core.job.body.Part;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.donor.Service;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.card.AddBox;
import oddcradle.desktop.store.Desk;

/** What takes room on the donor, and what must come off in its place; each opens its card. */
public final class PartsSheet extends VBox {
    private static final Set<String> ADDED = Set.of("a part", "a pipe", "a part to come off");

    private final Desk desk;
    private final GridPane rows = new GridPane();
    private final AddBox add;
    private final ToggleButton draw = new ToggleButton("Draw a pipe in the stand");

    public PartsSheet(Desk desk) {
        super(8);
        this.desk = desk;
        rows.setHgap(10);
        rows.setVgap(2);
        add = new AddBox(desk, Step.DONOR, deed -> ADDED.contains(deed.words()));
        draw.setId("pipe-draw");
        draw.getStyleClass().add("cure-button");
        draw.setOnAction(click ->
                desk.pipeDrawnProperty().set(draw.isSelected() ? Optional.of(Desk.PipeDrawn.NEW) : Optional.empty()));
        desk.pipeDrawnProperty().addListener((property, before, now) -> draw.setSelected(now.isPresent()));
        getChildren().addAll(rows, add, draw);
    }

    /** Shows what is written down. */
    public void refresh() {
        add.refresh();
        Donor donor = desk.session().job().donor();
        rows.getChildren().clear();
        int row = 0;
        for (Part each : donor.bodies()) {
            rows.addRow(
                    row++,
                    link(each.id()),
                    new Label(each.label()),
                    quiet(each.category().word()));
        }
        for (Service each : donor.services()) {
            rows.addRow(
                    row++,
                    link(each.id()),
                    new Label(each.label()),
                    quiet("comes off, " + desk.units().show(Quantity.length(each.travel())) + " of way"));
        }
    }

    private Hyperlink link(String id) {
        Hyperlink link = new Hyperlink(id);
        link.setId("part-" + id);
        link.getStyleClass().add("why");
        link.setOnAction(click -> Cards.of(desk.session().job()).stream()
                .filter(card -> card.step() == Step.DONOR && card.id().equals(id))
                .findFirst()
                .ifPresent(desk::open));
        return link;
    }

    private static Label quiet(String words) {
        Label label = new Label(words);
        label.getStyleClass().add("note-step");
        return label;
    }
}
