package oddcradle.desktop.step.run;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import oddcradle.core.job.FreeMark;
import oddcradle.core.job.book.DonorDeal;
import oddcradle.core.job.book.Purchase;
import oddcradle.core.job.edit.RunEdit;
import oddcradle.core.job.make.Part;
import oddcradle.core.keeping.MoneySum;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.units.Entry;
import oddcradle.core.units.Kind;
import oddcradle.desktop.clip.SaveRequest;
import oddcradle.desktop.slate.Form;
import oddcradle.desktop.slate.Leaves;
import oddcradle.desktop.slate.Table;
import oddcradle.desktop.slate.Text;
import oddcradle.desktop.slate.Words;
import oddcradle.desktop.store.Desk;
import oddcradle.files.paper.CustomerPage;

/** What is bought, where it is, and what the money does. */
final class PartsSheet extends VBox {
    private final Desk desk;
    private final Label big = new Label();
    private final Label sums = Text.said("money-sums");
    private final Label deal = Text.said("money-deal");
    private final Table<Purchase> parts;
    private final ComboBox<Part.State> state = new ComboBox<>();
    private Optional<Purchase> picked = Optional.empty();

    PartsSheet(Desk desk) {
        super(8);
        this.desk = desk;
        big.setId("money-whole");
        big.getStyleClass().add("big-number");
        parts = new Table<>(
                "parts",
                Purchase::id,
                List.of(
                        Table.Column.words("part", each -> each.count() + " × " + each.label()),
                        Table.Column.words(
                                "is",
                                each -> each.state().word()
                                        + (each.arrived() || each.due().isEmpty() ? "" : ", " + each.due())),
                        Table.Column.numbers("all", () -> "", Purchase::cost, each -> plain(each.cost()))),
                this::picked);
        parts.whenEmpty("No part yet.");
        state.setId("part-state");
        state.setAccessibleText("where the picked part is");
        state.getItems().setAll(Part.State.values());
        state.setConverter(new Words<>(state.getItems(), Part.State::word));
        state.setOnAction(choice -> moved());
        getChildren()
                .addAll(
                        big,
                        sums,
                        parts,
                        Text.line("The picked part is:"),
                        state,
                        adding(),
                        Text.button(
                                "save-customer",
                                "Page for the customer",
                                () -> fireEvent(new SaveRequest("customer page", Map.of("pdf", this::customer)))),
                        Text.line(
                                "It tells work, parts that are shown, budget and payments; suppliers and single prices stay here."),
                        Text.head("Whole donor or bare engine"),
                        deal);
    }

    private Form adding() {
        Form form = new Form(desk::units, "part", "Another part");
        TextField what = form.text("what", "clutch cable, 1.4 m");
        TextField count = form.text("how many", "empty: 1");
        TextField price = form.text("price of each", "empty: nobody knows");
        TextField from = form.text("from", "who sells it");
        TextField due = form.text("expected", "2026-06-09; empty: nobody said");
        return form.button("Add it", () -> {
            if (what.getText().isBlank()) {
                throw new InvalidValue("what", "is empty, write what it is");
            }
            desk.session()
                    .apply(new RunEdit.SetPurchase(new Purchase(
                            FreeMark.of(
                                    "P",
                                    desk.session().job().book().purchases().stream()
                                            .map(Purchase::id)
                                            .toList()),
                            what.getText().strip(),
                            count.getText().isBlank() ? 1 : whole(count),
                            price.getText().isBlank() ? 0 : number(price),
                            due.getText().isBlank() ? Part.State.TO_BUY : Part.State.ORDERED,
                            from.getText().strip(),
                            due.getText().strip(),
                            true)));
        });
    }

    private double number(TextField field) {
        return Entry.read(field.getText(), Kind.COUNT, desk.units()).si();
    }

    private int whole(TextField field) {
        double typed = number(field);
        if (typed != Math.rint(typed) || Math.abs(typed) > Integer.MAX_VALUE) {
            throw new InvalidValue("how many", "is no whole number");
        }
        return (int) typed;
    }

    private void picked(Purchase part) {
        picked = Optional.empty();
        state.setValue(part.state());
        picked = Optional.of(part);
    }

    /** Another state of the part that is picked, as it stands in the job now. */
    private void moved() {
        picked.flatMap(part -> desk.session().job().book().purchases().stream()
                        .filter(each -> each.id().equals(part.id()))
                        .findFirst())
                .filter(part -> state.getValue() != null && part.state() != state.getValue())
                .ifPresent(part -> desk.session().apply(new RunEdit.SetPurchase(part.withState(state.getValue()))));
    }

    private byte[] customer() {
        try {
            return CustomerPage.of(
                    desk.examination(),
                    desk.units(),
                    desk.packetPaperProperty().get(),
                    LocalDate.now().toString());
        } catch (IOException impossible) {
            throw new UncheckedIOException("a page in memory could not be made", impossible);
        }
    }

    private static String plain(double amount) {
        return String.format(Locale.ROOT, "%.0f", amount);
    }

    Leaves.Leaf leaf() {
        return new Leaves.Leaf(this, this::refresh);
    }

    private void refresh() {
        MoneySum sum = MoneySum.of(desk.examination());
        String currency = desk.session().job().build().shop().pace().currency();
        big.setText((plain(sum.whole()) + " " + currency).strip()
                + (sum.budget() > 0 ? " of " + plain(sum.budget()) : " in all"));
        sums.setText(String.format(
                Locale.ROOT,
                "Parts %.0f spent, %.0f to come%s. Work %.0f done, %.0f to come. Paid %.0f.",
                sum.spent(),
                sum.toCome(),
                sum.unpriced() > 0 ? " and " + sum.unpriced() + " without a price" : "",
                sum.workSpent(),
                sum.workToCome(),
                sum.paid()));
        parts.show(desk.session().job().book().purchases());
        DonorDeal bought = desk.session().job().book().deal();
        deal.setText(
                bought.whole() == 0 && bought.bare() == 0
                        ? "Prices of both are told at Things, whole donor or bare engine."
                        : bought.whole() == 0 || bought.bare() == 0
                                ? String.format(
                                        Locale.ROOT,
                                        "Only one price is told: %.0f with what it lacks.",
                                        Math.max(bought.wholeLess(), bought.bareMore()))
                                : String.format(
                                        Locale.ROOT,
                                        "Whole %.0f less what the rest sells for: %.0f. Bare %.0f and what it lacks: %.0f. %s",
                                        bought.whole(),
                                        bought.wholeLess(),
                                        bought.bare(),
                                        bought.bareMore(),
                                        bought.wholeLess() <= bought.bareMore()
                                                ? "The whole one is cheaper, and could be heard running."
                                                : "The bare one is cheaper, unheard."));
    }
}
