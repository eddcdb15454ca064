package oddcradle.desktop.card;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import oddcradle.core.card.Card;
import oddcradle.core.card.Cards;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.desktop.slate.Leaves;
import oddcradle.desktop.store.Desk;

/** Everything of a step by its name, the card of the one that is open, and what can be added. */
public final class CardSheet extends VBox {
    /** Under which its tab stands. */
    public static final String NAME = "Things";

    private final Desk desk;
    private final Step step;
    private final TextField find = new TextField();
    private final ListView<Card> list = new ListView<>();
    private final CardPane pane;
    private final AddBox add;
    private List<Card> all = List.of();
    private Optional<String> lastPicked = Optional.empty();
    private String open = "";
    private boolean showing;

    private CardSheet(Desk desk, Step step) {
        super(8);
        this.desk = desk;
        this.step = step;
        this.pane = new CardPane(desk);
        this.add = new AddBox(desk, step, deed -> true, this::opened);
        find.setId("card-find");
        find.setPromptText("find by name");
        find.setAccessibleText("find a thing by its name");
        find.textProperty().addListener(typed -> list());
        list.setId("card-list");
        list.getStyleClass().add("card-list");
        list.setPrefHeight(150);
        list.setMinHeight(150);
        list.setCellFactory(view -> new ListCell<>() {
            @Override
            protected void updateItem(Card card, boolean empty) {
                super.updateItem(card, empty);
                setText(empty || card == null ? "" : card.words());
            }
        });
        list.getSelectionModel().selectedItemProperty().addListener((property, before, now) -> chosen(now));
        list.setPlaceholder(new Label("nothing of that name"));
        getChildren().addAll(find, list, add, pane);
    }

    /** The sheet as a leaf of a step. */
    public static Leaves.Leaf leaf(Desk desk, Step step) {
        CardSheet sheet = new CardSheet(desk, step);
        return new Leaves.Leaf(sheet, sheet::refresh);
    }

    private void chosen(Card card) {
        if (showing || card == null || card.key().equals(open)) {
            return;
        }
        if (!desk.mayLeaveSheet()) {
            list();
            return;
        }
        open = card.key();
        Job job = desk.session().job();
        lastPicked = Optional.of(card.id()).filter(job.ids()::contains);
        desk.selectionProperty().set(lastPicked);
        show();
    }

    private void opened(Card card) {
        Job job = desk.session().job();
        open = card.key();
        find.clear();
        lastPicked = Optional.of(card.id()).filter(job.ids()::contains);
        desk.selectionProperty().set(lastPicked);
        refresh();
    }

    private void refresh() {
        Job job = desk.session().job();
        all = Cards.of(job).stream().filter(card -> card.step() == step).toList();
        Optional<String> picked = desk.selectionProperty().get();
        if (!picked.equals(lastPicked)) {
            lastPicked = picked;
            picked.flatMap(id ->
                            all.stream().filter(card -> card.id().equals(id)).findFirst())
                    .ifPresent(card -> open = card.key());
        }
        desk.cardToOpen(step).ifPresent(key -> open = key);
        add.refresh();
        list();
        show();
    }

    private void list() {
        showing = true;
        String wanted = find.getText().strip().toLowerCase(Locale.ROOT);
        List<Card> found = all.stream()
                .filter(card -> card.words().toLowerCase(Locale.ROOT).contains(wanted))
                .toList();
        List<String> keys = found.stream().map(Card::key).toList();
        if (list.getItems().stream()
                .map(Card::words)
                .toList()
                .equals(found.stream().map(Card::words).toList())) {
            for (int k = 0; k < found.size(); k++) {
                list.getItems().set(k, found.get(k));
            }
        } else {
            list.getItems().setAll(found);
        }
        if (keys.contains(open)) {
            list.getSelectionModel().select(keys.indexOf(open));
            list.scrollTo(Math.max(0, keys.indexOf(open) - 1));
        } else {
            list.getSelectionModel().clearSelection();
        }
        showing = false;
    }

    private void show() {
        Optional<Card> card =
                all.stream().filter(each -> each.key().equals(open)).findFirst();
        pane.setVisible(card.isPresent());
        pane.setManaged(card.isPresent());
        card.ifPresent(pane::show);
    }
}
