package oddcradle.desktop.card;

import java.util.List;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ListCell;
import oddcradle.core.card.Card;
import oddcradle.core.card.Cards;
import oddcradle.core.card.Deed;
import oddcradle.core.finding.Step;
import oddcradle.desktop.store.Desk;

/** A list of what can be added at a step; what is chosen is added, and its card opens to be measured. */
public final class AddBox extends ComboBox<Deed> {
    private final Desk desk;
    private final Step step;
    private final Predicate<Deed> offered;
    private final Consumer<Card> opened;
    private boolean showing;

    /** @param offered which of all that can be added at the step */
    public AddBox(Desk desk, Step step, Predicate<Deed> offered) {
        this(desk, step, offered, desk::open);
    }

    AddBox(Desk desk, Step step, Predicate<Deed> offered, Consumer<Card> opened) {
        this.desk = desk;
        this.step = step;
        this.offered = offered;
        this.opened = opened;
        setId("card-add");
        setAccessibleText("add a thing");
        setPromptText("add …");
        setPrefWidth(330);
        setButtonCell(new DeedCell());
        setCellFactory(view -> new DeedCell());
        setOnAction(choice -> added());
    }

    private static final class DeedCell extends ListCell<Deed> {
        @Override
        protected void updateItem(Deed deed, boolean empty) {
            super.updateItem(deed, empty);
            setText(empty || deed == null ? "add …" : deed.words());
        }
    }

    private void added() {
        Deed chosen = getValue();
        if (showing || chosen == null) {
            return;
        }
        Set<String> before =
                Cards.of(desk.session().job()).stream().map(Card::key).collect(Collectors.toSet());
        // Made of the job as it is now, which may be newer than the list.
        Cards.additions(desk.session().job(), step).stream()
                .filter(deed -> deed.words().equals(chosen.words()))
                .findFirst()
                .ifPresent(deed -> desk.take(deed, "add " + deed.words()));
        refresh();
        Cards.of(desk.session().job()).stream()
                .filter(card -> card.step() == step && !before.contains(card.key()))
                .findFirst()
                .ifPresent(opened);
    }

    public void refresh() {
        showing = true;
        List<Deed> additions = Cards.additions(desk.session().job(), step).stream()
                .filter(offered)
                .toList();
        getItems().setAll(additions);
        setValue(null);
        setVisible(!additions.isEmpty());
        setManaged(!additions.isEmpty());
        showing = false;
    }
}
