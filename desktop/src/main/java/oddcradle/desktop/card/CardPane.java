package oddcradle.desktop.card;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import oddcradle.core.card.Card;
import oddcradle.core.card.Cards;
import oddcradle.core.card.Deed;
import oddcradle.core.card.Field;
import oddcradle.desktop.slate.RemoveButton;
import oddcradle.desktop.store.Desk;

/** One card: its fields, and a button for each thing that can be done with it. */
final class CardPane extends VBox {
    private final Desk desk;
    private final Label title = new Label();
    private final VBox fields = new VBox(5);
    private final FlowPane deeds = new FlowPane(6, 6);
    private final List<FieldControl<?>> controls = new ArrayList<>();
    private List<String> sorts = List.of();
    private List<String> offered = List.of();
    private Card card;

    CardPane(Desk desk) {
        super(8);
        this.desk = desk;
        setId("card");
        title.setId("card-title");
        title.setWrapText(true);
        title.getStyleClass().add("section-title");
        fields.getStyleClass().add("long-named");
        getChildren().addAll(title, fields, deeds);
    }

    /** Shows a card; what is being typed in one of its fields stays. */
    void show(Card newer) {
        card = newer;
        title.setText(newer.words());
        List<String> now = newer.fields().stream()
                .map(field -> newer.key() + field.getClass() + field.name())
                .toList();
        if (!now.equals(sorts)) {
            sorts = now;
            build();
        }
        for (int k = 0; k < controls.size(); k++) {
            controls.get(k).show(newer.fields().get(k));
        }
        List<String> words =
                newer.deeds().stream().map(deed -> newer.key() + deed.words()).toList();
        if (!words.equals(offered)) {
            offered = words;
            buttons();
        }
    }

    private void build() {
        controls.clear();
        fields.getChildren().clear();
        Set<String> taken = new HashSet<>();
        if (card.fields().stream().anyMatch(Field.Vector.class::isInstance)) {
            Label axes = new Label("Three numbers are forward, left and up.");
            axes.getStyleClass().add("note-step");
            fields.getChildren().add(axes);
        }
        for (Field field : card.fields()) {
            String id = "card-" + slug(field.name());
            while (!taken.add(id)) {
                id += "-more";
            }
            int at = controls.size();
            FieldControl<?> control = FieldControl.of(
                    new FieldControl.Place(desk, id, card.words() + ", " + field.name(), () -> newest(at)), field);
            controls.add(control);
            fields.getChildren().add(control.node());
        }
    }

    /** The card in the job as it is now; the job may be newer than what is shown. */
    private Optional<Card> newest() {
        return Cards.of(desk.session().job()).stream()
                .filter(each -> each.key().equals(card.key()))
                .findFirst();
    }

    private Field newest(int at) {
        Field shown = card.fields().get(at);
        return newest().filter(now -> at < now.fields().size())
                .map(now -> now.fields().get(at))
                .filter(now -> now.getClass() == shown.getClass() && now.name().equals(shown.name()))
                .orElse(shown);
    }

    private void buttons() {
        deeds.getChildren().clear();
        for (int k = 0; k < card.deeds().size(); k++) {
            int at = k;
            Deed deed = card.deeds().get(k);
            // The deed of the newest job, not of the one that the button was made for.
            Runnable take = () -> newest().filter(now -> at < now.deeds().size()
                            && now.deeds().get(at).words().equals(deed.words()))
                    .ifPresent(now -> desk.take(now.deeds().get(at), now.words()));
            Button button = deed.away() ? new RemoveButton(deed.words(), "card-away", take) : new Button(deed.words());
            if (!deed.away()) {
                button.setId("deed-" + slug(deed.words()));
                button.getStyleClass().add("cure-button");
                button.setOnAction(click -> take.run());
            }
            deeds.getChildren().add(button);
        }
    }

    static String slug(String words) {
        return words.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
    }
}
