package oddcradle.desktop.step.donor;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.donor.History;
import oddcradle.core.job.edit.BodyEdit;
import oddcradle.core.units.Kind;
import oddcradle.desktop.slate.QuantityField;
import oddcradle.desktop.slate.Toggles;
import oddcradle.desktop.slate.WordField;
import oddcradle.desktop.store.Desk;

/** Where the donor comes from, and what was looked at before it goes in. */
public final class HistorySheet extends VBox {
    private final Desk desk;
    private final CheckBox whole = new CheckBox("Bought running, in its whole machine");
    private final QuantityField hours;
    private final QuantityField price;
    private final QuantityField parts;
    private final List<ToggleGroup> found = new ArrayList<>();
    private final List<WordField> notes = new ArrayList<>();
    private boolean showing;

    public HistorySheet(Desk desk) {
        super(6);
        this.desk = desk;
        whole.setId("whole-machine");
        whole.setOnAction(
                click -> change(history(whole.isSelected(), now().hours(), now().price(), now().partsPrice())));
        hours = new QuantityField(
                "hours",
                "Hours run",
                Kind.COUNT,
                v -> change(history(now().wholeMachine(), v, now().price(), now().partsPrice())));
        price = new QuantityField(
                "price",
                "Price",
                Kind.COUNT,
                v -> change(history(now().wholeMachine(), now().hours(), v, now().partsPrice())));
        parts = new QuantityField(
                "parts-price",
                "Parts to buy",
                Kind.COUNT,
                v -> change(history(now().wholeMachine(), now().hours(), now().price(), v)));
        Label head = new Label("Looked at before it goes in");
        head.getStyleClass().add("section-title");
        getChildren().addAll(whole, hours, price, parts, head);
        for (int k = 0; k < History.USUAL.size(); k++) {
            getChildren().add(check(k));
        }
    }

    private VBox check(int index) {
        Label what = new Label(History.USUAL.get(index));
        what.setWrapText(true);
        ToggleGroup group = new ToggleGroup();
        Toggles.follow(group, chosen -> changeCheck(index, (History.Found) chosen.getUserData(), note(index)));
        HBox row = new HBox(2);
        row.getStyleClass().add("field-row");
        for (History.Found each :
                new History.Found[] {History.Found.GOOD, History.Found.FAULT, History.Found.UNKNOWN}) {
            String word =
                    each == History.Found.UNKNOWN ? "not yet" : each.name().toLowerCase(Locale.ROOT);
            ToggleButton button = new ToggleButton(word);
            button.setId("check-" + index + "-" + each.name().toLowerCase(Locale.ROOT));
            button.getStyleClass().add("plain-button");
            button.setToggleGroup(group);
            button.setUserData(each);
            row.getChildren().add(button);
        }
        WordField note = WordField.wide(
                "check-" + index + "-note",
                "note on " + History.USUAL.get(index),
                "note",
                typed -> changeCheck(
                        index, (History.Found) group.getSelectedToggle().getUserData(), typed));
        note.setPrefWidth(128);
        row.getChildren().add(note);
        found.add(group);
        notes.add(note);
        return new VBox(what, row);
    }

    private String note(int index) {
        return check(History.USUAL.get(index)).note();
    }

    private History.Check check(String what) {
        return now().checks().stream()
                .filter(each -> each.what().equals(what))
                .findFirst()
                .orElse(new History.Check(what, History.Found.UNKNOWN, ""));
    }

    private Donor donor() {
        return desk.session().job().donor();
    }

    private History now() {
        return donor().history();
    }

    private History history(boolean wholeMachine, double hoursRun, double asked, double toBuy) {
        return new History(wholeMachine, hoursRun, asked, toBuy, now().checks());
    }

    private void change(History history) {
        if (!showing) {
            desk.session().apply(new BodyEdit.ChangeDonor(donor().withHistory(history), "history", "history"));
        }
    }

    private void changeCheck(int index, History.Found how, String note) {
        String what = History.USUAL.get(index);
        List<History.Check> checks = new ArrayList<>(now().checks());
        checks.removeIf(each -> each.what().equals(what));
        checks.add(new History.Check(what, how, note.strip()));
        History h = now();
        change(new History(h.wholeMachine(), h.hours(), h.price(), h.partsPrice(), checks));
    }

    /** Shows what is written down. */
    public void refresh() {
        showing = true;
        History h = now();
        whole.setSelected(h.wholeMachine());
        hours.show(h.hours(), desk.units());
        price.show(h.price(), desk.units());
        parts.show(h.partsPrice(), desk.units());
        for (int k = 0; k < History.USUAL.size(); k++) {
            String what = History.USUAL.get(k);
            History.Check check = check(what);
            found.get(k).getToggles().stream()
                    .filter(toggle -> toggle.getUserData() == check.found())
                    .forEach(found.get(k)::selectToggle);
            notes.get(k).show(check.note(), desk.units());
        }
        showing = false;
    }
}
