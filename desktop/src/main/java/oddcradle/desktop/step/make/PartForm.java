package oddcradle.desktop.step.make;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import oddcradle.core.job.edit.SetPart;
import oddcradle.core.job.make.Part;
import oddcradle.core.units.Kind;
import oddcradle.core.workshop.HardwareTotals;
import oddcradle.desktop.slate.QuantityField;
import oddcradle.desktop.slate.Text;
import oddcradle.desktop.slate.WordField;
import oddcradle.desktop.slate.Words;
import oddcradle.desktop.store.Desk;

/** What is noted of the picked thing: where it is, from whom, for how much. */
final class PartForm extends VBox {
    private final Desk desk;
    private final Label head = Text.head("Pick a row to note where it is.");
    private final ComboBox<Part.State> state = new ComboBox<>();
    private final WordField supplier;
    private final QuantityField price;
    private final HBox stateRow;
    private Optional<String> item = Optional.empty();
    private boolean showing;

    PartForm(Desk desk) {
        super(4);
        this.desk = desk;
        state.setId("part-state");
        state.setAccessibleText("state");
        state.getItems().setAll(Part.State.values());
        state.setConverter(new Words<>(List.of(Part.State.values()), Part.State::word));
        state.setOnAction(choice -> note(part -> part.withState(state.getValue())));
        supplier = new WordField(
                "part-supplier", "supplier", "who has it", typed -> note(part -> part.withSupplier(typed)));
        price = new QuantityField(
                "part-price", "price of each", Kind.RATIO, typed -> note(part -> part.withPrice(typed)));
        Label name = new Label("state");
        name.getStyleClass().add("name");
        stateRow = new HBox(6, name, state);
        stateRow.getStyleClass().add("field-row");
        getChildren().addAll(head, stateRow, supplier, price);
        show(Optional.empty());
    }

    void show(Optional<HardwareTotals.Line> line) {
        showing = true;
        item = line.map(each -> each.note().item());
        for (Region node : List.of(stateRow, supplier, price)) {
            node.setVisible(line.isPresent());
            node.setManaged(line.isPresent());
        }
        line.ifPresent(each -> {
            head.setText(each.count() + " × " + each.item().kind().word() + ", "
                    + each.item().size().in(desk.units()));
            state.setValue(each.note().state());
            supplier.show(each.note().supplier(), desk.units());
            price.show(each.note().price(), desk.units());
        });
        showing = false;
    }

    /** The picked thing as it is noted now. */
    Optional<String> item() {
        return item;
    }

    private void note(UnaryOperator<Part> change) {
        if (!showing) {
            item.ifPresent(each -> desk.session()
                    .apply(new SetPart(change.apply(desk.session().job().build().part(each)))));
        }
    }
}
