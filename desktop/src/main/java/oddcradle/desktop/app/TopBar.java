package oddcradle.desktop.app;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Control;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import oddcradle.core.finding.Phrase;
import oddcradle.desktop.command.CommandMenu;
import oddcradle.desktop.store.Desk;

/** Name and state of the job, the menus, undo and redo, units, save, packet. */
final class TopBar extends HBox {
    /** Room for the longest state. */
    private static final double STATE_WIDTH = 96;

    private final Desk desk;
    private final Label name = new Label();
    private final Label state = new Label();
    private final Button undo = plain("undo", "Undo");
    private final Button redo = plain("redo", "Redo");
    private final CommandMenu units;

    TopBar(Desk desk, MainWindow window, Commands commands) {
        this.desk = desk;
        getStyleClass().add("top-bar");
        Label brand = new Label("Odd Cradle");
        brand.getStyleClass().add("brand");
        name.getStyleClass().add("job-name");
        state.getStyleClass().add("quiet");
        state.setId("saved-state");
        undo.setOnAction(click -> desk.session().undo());
        redo.setOnAction(click -> desk.session().redo());
        units = new CommandMenu("units", desk.units().label(), () -> List.copyOf(commands.units()));
        units.setAccessibleText("units");
        Button find = plain("find", "Find …");
        find.setOnAction(click -> window.find());
        Button save = plain("save", "Save");
        save.setOnAction(click -> window.files().save());
        Button packet = new Button("Packet …");
        packet.setMinWidth(USE_PREF_SIZE);
        packet.setId("packet");
        packet.getStyleClass().add("strong-button");
        packet.setOnAction(click -> window.files().writePacket());
        tip(find, "Commands, sheets, things and figures by their words (Ctrl K)");
        tip(units, "Units of what is shown and typed; any unit may be typed anywhere");
        tip(packet, "The workshop packet, a PDF at true scale (Ctrl E; Ctrl P prints it)");
        // Only the name gives way: no button may move under the pointer.
        name.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(name, Priority.ALWAYS);
        state.setMinWidth(STATE_WIDTH);
        brand.setMinWidth(USE_PREF_SIZE);
        getChildren()
                .addAll(
                        brand,
                        name,
                        state,
                        new CommandMenu("job-menu", "Job", commands::job),
                        new CommandMenu("change-menu", "Change", commands::change),
                        new CommandMenu("show-menu", "Show", commands::show),
                        new CommandMenu("hand-out-menu", "Hand out", commands::handOut),
                        new CommandMenu("help-menu", "Help", commands::help),
                        find,
                        undo,
                        redo,
                        units,
                        save,
                        packet);
        refresh();
    }

    private static void tip(Control control, String words) {
        control.setTooltip(new Tooltip(words));
    }

    private static Button plain(String id, String text) {
        Button button = new Button(text);
        button.setId(id);
        button.getStyleClass().add("plain-button");
        button.setMinWidth(USE_PREF_SIZE);
        return button;
    }

    /** Shows the job's name, whether it is saved, and what undo would take back. */
    void refresh() {
        name.setText(desk.session().job().name());
        units.setText(desk.units().label());
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
