package oddcradle.desktop.app;

import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import oddcradle.core.finding.Phrase;
import oddcradle.core.units.UnitStyle;
import oddcradle.desktop.slate.Toggles;
import oddcradle.desktop.store.Desk;
import oddcradle.files.job.DemoJobs;

/** Name and state of the job, undo and redo, units, look, save, packet. */
final class TopBar extends HBox {
    /** Room for the longest state. */
    private static final double STATE_WIDTH = 128;

    private final Desk desk;
    private final Label name = new Label();
    private final Label state = new Label();
    private final Button undo = plain("undo", "Undo");
    private final Button redo = plain("redo", "Redo");
    private final MenuButton files = new MenuButton("Job");

    TopBar(Desk desk, MainWindow window) {
        this.desk = desk;
        getStyleClass().add("top-bar");
        Label brand = new Label("Odd Cradle");
        brand.getStyleClass().add("brand");
        name.getStyleClass().add("job-name");
        state.getStyleClass().add("quiet");
        state.setId("saved-state");
        files.getStyleClass().add("plain-button");
        files.setId("job-menu");
        files.setOnShowing(opening -> fillMenu(window));
        fillMenu(window);
        undo.setOnAction(click -> desk.session().undo());
        redo.setOnAction(click -> desk.session().redo());
        Button look = plain("look", "Paper / Night");
        look.setOnAction(click -> window.changeLook());
        Button save = plain("save", "Save");
        save.setOnAction(click -> window.files().save());
        Button packet = new Button("Packet as PDF …");
        packet.setMinWidth(USE_PREF_SIZE);
        packet.setId("packet");
        packet.getStyleClass().add("strong-button");
        packet.setOnAction(click -> window.files().printPacket());
        // Only the name gives way: no button may move under the pointer.
        name.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(name, Priority.ALWAYS);
        state.setMinWidth(STATE_WIDTH);
        files.setMinWidth(USE_PREF_SIZE);
        brand.setMinWidth(USE_PREF_SIZE);
        getChildren().addAll(brand, name, state, files, undo, redo);
        addUnits();
        getChildren().addAll(look, save, packet);
        refresh();
    }

    private void addUnits() {
        ToggleGroup group = new ToggleGroup();
        Toggles.follow(group, chosen -> desk.unitsProperty().set((UnitStyle) chosen.getUserData()));
        for (UnitStyle style : UnitStyle.values()) {
            ToggleButton button = new ToggleButton(style.label());
            button.setId("units-" + style.name().toLowerCase(Locale.ROOT).replace('_', '-'));
            button.getStyleClass().add("plain-button");
            button.setMinWidth(USE_PREF_SIZE);
            button.setToggleGroup(group);
            button.setSelected(style == desk.units());
            button.setUserData(style);
            getChildren().add(button);
        }
    }

    private static Button plain(String id, String text) {
        Button button = new Button(text);
        button.setId(id);
        button.getStyleClass().add("plain-button");
        button.setMinWidth(USE_PREF_SIZE);
        return button;
    }

    private void fillMenu(MainWindow window) {
        MenuItem begin = new MenuItem("New job …");
        begin.setId("menu-new");
        begin.setOnAction(click -> window.beginNew());
        MenuItem open = new MenuItem("Open a job …");
        open.setId("menu-open");
        open.setOnAction(click -> window.files().chooseAndOpen());
        MenuItem saveAs = new MenuItem("Save under another name …");
        saveAs.setId("menu-save-as");
        saveAs.setOnAction(click -> window.files().chooseAndSave());
        Menu versions = new Menu("Kept versions");
        versions.setId("menu-versions");
        window.files().keptVersions().forEach((when, version) -> {
            MenuItem item = new MenuItem(when);
            item.setOnAction(click -> window.files().takeBack(version));
            versions.getItems().add(item);
        });
        versions.setDisable(versions.getItems().isEmpty());
        CheckMenuItem next = new CheckMenuItem("What to do next");
        next.setId("menu-next");
        next.setSelected(window.isNextShown());
        next.setOnAction(click -> window.showNext(next.isSelected()));
        files.getItems().setAll(begin, open, saveAs, versions, next, new SeparatorMenuItem());
        for (DemoJobs demo : DemoJobs.values()) {
            MenuItem item = new MenuItem("Demo · " + demo.words());
            item.setId("demo-" + demo.fileName());
            item.setOnAction(click -> window.files().openDemo(demo));
            files.getItems().add(item);
        }
        List<Path> recents = window.files().recents();
        if (!recents.isEmpty()) {
            files.getItems().add(new SeparatorMenuItem());
        }
        for (Path recent : recents) {
            MenuItem item = new MenuItem(recent.toString());
            item.setMnemonicParsing(false);
            item.setOnAction(click -> window.files().open(recent));
            files.getItems().add(item);
        }
    }

    /** Shows the job's name, whether it is saved, and what undo would take back. */
    void refresh() {
        name.setText(desk.session().job().name());
        boolean changed = desk.session().changedProperty().get();
        boolean inFile = desk.session().fileProperty().get().isPresent();
        state.setText(changed ? "· changed" : inFile ? "· saved" : "· not in a file");
        show(undo, "Undo", desk.session().undoLabelProperty().get());
        show(redo, "Redo", desk.session().redoLabelProperty().get());
    }

    /** What it would do stands in its tooltip, so that the button keeps its place. */
    private void show(Button button, String word, Optional<Phrase> label) {
        button.setDisable(label.isEmpty());
        String what = word + label.map(each -> ": " + each.in(desk.units())).orElse("");
        button.setTooltip(new Tooltip(what));
        button.setAccessibleText(what);
    }
}
