package oddcradle.desktop.stand;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import oddcradle.core.card.Card;
import oddcradle.core.card.Cards;
import oddcradle.core.card.Deed;
import oddcradle.desktop.store.Desk;

/** What can be done with a part, where it is clicked. */
final class PartMenu {
    private PartMenu() {}

    /** @param nearer brings a part near; empty where the part has no card */
    static List<MenuItem> items(Desk desk, String part, Consumer<String> nearer) {
        Optional<Card> found = Cards.picked(desk.session().job(), part);
        if (found.isEmpty()) {
            return List.of();
        }
        Card card = found.get();
        List<MenuItem> items = new ArrayList<>();
        MenuItem name = new MenuItem(card.words());
        name.setDisable(true);
        items.add(name);
        items.add(item("menu-change", "Change it", () -> desk.edit(part)));
        items.add(item("menu-nearer", "Come nearer", () -> nearer.accept(part)));
        if (desk.session().job().donor().pipes().stream()
                .anyMatch(pipe -> pipe.id().equals(part))) {
            items.add(item("menu-draw-on", "Draw it on from its end", () -> desk.pipeDrawnProperty()
                    .set(Optional.of(Desk.PipeDrawn.on(part)))));
        }
        items.add(new SeparatorMenuItem());
        for (Deed deed : card.deeds()) {
            items.add(item(deed.away() ? "menu-away" : "", deed.words(), () -> desk.take(deed, card.words())));
        }
        return items;
    }

    private static MenuItem item(String id, String words, Runnable action) {
        MenuItem item = new MenuItem(words);
        item.setId(id);
        item.setOnAction(click -> action.run());
        return item;
    }
}
