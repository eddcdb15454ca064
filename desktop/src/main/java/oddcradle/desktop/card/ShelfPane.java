package oddcradle.desktop.card;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import oddcradle.core.catalog.Shelf;
import oddcradle.core.catalog.ShelfRow;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.slate.Form;
import oddcradle.desktop.slate.Rows;
import oddcradle.desktop.store.Desk;

/** A shelf: its rows with the numbers that matter, where they come from, and a row of one's own. */
final class ShelfPane extends VBox {
    private final Desk desk;
    private final Shelf shelf;
    private final TextField find = new TextField();
    private final TableView<ShelfRow> table = new TableView<>();
    private final Label source = new Label();

    /** @param take gets the row that is wanted */
    ShelfPane(Desk desk, Shelf shelf, Consumer<ShelfRow> take) {
        super(4);
        this.desk = desk;
        this.shelf = shelf;
        getStyleClass().add("shelf");
        find.setId("shelf-find");
        find.setPromptText("find among the " + shelf.words());
        find.setAccessibleText("find on the shelf");
        find.textProperty().addListener(typed -> rows());
        table.setId("shelf-rows");
        table.setPrefHeight(170);
        table.setMinHeight(170);
        table.setColumnResizePolicy(TableView.CONSTRAINED_RESIZE_POLICY_FLEX_LAST_COLUMN);
        column(row -> row.name() + (row.own() ? " (yours)" : ""), 130);
        for (int k = 0; k < shelf.columns().size(); k++) {
            int at = k;
            Kind kind = shelf.columns().get(k).kind();
            column(row -> desk.units().entry(new Quantity(row.sizes().get(at), kind)), 76);
        }
        source.setId("shelf-source");
        source.setWrapText(true);
        source.getStyleClass().add("note-step");
        table.getSelectionModel()
                .selectedItemProperty()
                .addListener(
                        (property, before, row) -> source.setText(row == null ? "" : "From: " + row.source() + "."));
        Button button = new Button("Take it");
        button.setId("shelf-take");
        button.getStyleClass().add("cure-button");
        button.setOnAction(click ->
                Optional.ofNullable(table.getSelectionModel().getSelectedItem()).ifPresent(take));
        getChildren().addAll(find, table, source, button);
        if (shelf.takesOwnRows()) {
            getChildren().add(own());
        }
        show();
    }

    /** In the units that are shown now; a heading must never outlive the numbers under it. */
    void show() {
        table.getColumns().get(0).setText("name");
        for (int k = 0; k < shelf.columns().size(); k++) {
            Shelf.Column column = shelf.columns().get(k);
            String unit = desk.units().typedUnit(column.kind());
            table.getColumns().get(k + 1).setText(column.words() + (unit.isEmpty() ? "" : ", " + unit));
        }
        rows();
    }

    private void column(Function<ShelfRow, String> cell, double width) {
        TableColumn<ShelfRow, String> column = new TableColumn<>();
        column.setCellValueFactory(row -> new ReadOnlyStringWrapper(cell.apply(row.getValue())));
        column.setPrefWidth(width);
        column.setSortable(false);
        table.getColumns().add(column);
    }

    private void rows() {
        String wanted = find.getText().strip().toLowerCase(Locale.ROOT);
        table.getItems()
                .setAll(desk.shelves().of(shelf).stream()
                        .filter(row -> row.name().toLowerCase(Locale.ROOT).contains(wanted))
                        .toList());
    }

    private Form own() {
        List<String> names = shelf.columns().stream().map(Shelf.Column::words).toList();
        Form form = new Form(desk::units, "shelf-own", "One of your own");
        TextField called = form.text("called", "as you know it");
        TextField sizes = form.text("sizes", String.join(", ", names));
        TextField from = form.text("figures from", "the box it came in");
        return form.button("Put it on the shelf", () -> {
            List<List<Double>> typed = new Rows(
                            "sizes",
                            String.join(", ", names),
                            shelf.columns().stream().map(Shelf.Column::kind).toList())
                    .read(sizes.getText(), desk.units());
            if (typed.size() != 1) {
                throw new InvalidValue(
                        "sizes", "are " + typed.size() + " rows, must be one: " + String.join(", ", names));
            }
            desk.putOnShelf(new ShelfRow(
                    shelf,
                    called.getText().strip(),
                    new ArrayList<>(typed.get(0)),
                    from.getText().strip(),
                    true));
            rows();
        });
    }
}
