package oddcradle.desktop.command;

import java.util.List;
import java.util.function.Supplier;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;

/** Commands behind a word of the bar; how each stands is asked when the menu opens. */
public final class CommandMenu extends MenuButton {
    private final Supplier<List<Entry>> entries;

    public CommandMenu(String id, String words, Supplier<List<Entry>> entries) {
        super(words);
        this.entries = entries;
        setId(id);
        getStyleClass().add("plain-button");
        setMinWidth(USE_PREF_SIZE);
        setOnShowing(opening -> fill());
        fill();
    }

    private void fill() {
        getItems().setAll(entries.get().stream().map(CommandMenu::item).toList());
    }

    private static MenuItem item(Entry entry) {
        if (entry instanceof Command command) {
            return item(command);
        }
        if (entry instanceof Entry.Submenu submenu) {
            Menu menu = new Menu(submenu.words());
            menu.setId(submenu.id());
            menu.getItems()
                    .setAll(submenu.of().get().stream().map(CommandMenu::item).toList());
            menu.setDisable(menu.getItems().isEmpty());
            return menu;
        }
        return new SeparatorMenuItem();
    }

    private static MenuItem item(Command command) {
        MenuItem item = command.on()
                .<MenuItem>map(isOn -> {
                    CheckMenuItem check = new CheckMenuItem(command.words());
                    check.setSelected(isOn.getAsBoolean());
                    return check;
                })
                .orElseGet(() -> new MenuItem(command.words()));
        item.setId("menu-" + command.id());
        item.setMnemonicParsing(false);
        item.setDisable(!command.ready().getAsBoolean());
        // Shown only: CommandKeys takes the key before the menu could.
        command.keys().ifPresent(item::setAccelerator);
        item.setOnAction(chosen -> command.run());
        return item;
    }
}
