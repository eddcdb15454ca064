package oddcradle.desktop.command;

import java.util.List;
import java.util.function.Supplier;
import javafx.geometry.Bounds;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.stage.Popup;
import oddcradle.desktop.look.Look;

/** Type what is wanted: commands, sheets, things and figures by their words. Enter takes the first; Esc goes away. */
public final class Finder {
    private static final double WIDTH = 480;
    private static final int MOST = 60;

    private final Popup popup = new Popup();
    private final TextField typed = new TextField();
    private final ListView<Found> list = new ListView<>();
    private final List<Found> all;

    private Finder(List<Found> all) {
        this.all = all;
        typed.setId("finder-typed");
        typed.setPromptText("a command, a sheet, a thing, a number");
        typed.setAccessibleText("what is wanted");
        list.setId("finder-found");
        list.setPrefHeight(330);
        list.setCellFactory(view -> new FoundCell());
        list.setPlaceholder(new Label("Nothing by these words."));
        list.setFocusTraversable(false);
        list.setOnMouseClicked(click -> take());
        typed.textProperty().addListener(change -> find());
        typed.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
    }

    /** Opens under a node. */
    public static Finder open(Region under, Supplier<List<Found>> all) {
        Finder finder = new Finder(all.get());
        VBox box = new VBox(6, finder.typed, finder.list);
        box.setId("finder");
        box.getStyleClass().add("finder");
        box.setPrefWidth(WIDTH);
        Look.lend(under.getScene(), box);
        finder.popup.getContent().add(box);
        finder.popup.setAutoHide(true);
        Bounds at = under.localToScreen(under.getBoundsInLocal());
        finder.popup.show(under, at.getMaxX() - WIDTH, at.getMaxY() + 4);
        finder.find();
        finder.typed.requestFocus();
        return finder;
    }

    public boolean isOpen() {
        return popup.isShowing();
    }

    private void find() {
        list.getItems().setAll(Found.by(typed.getText(), all, MOST));
        list.getSelectionModel().selectFirst();
        list.scrollTo(0);
    }

    private void key(KeyEvent key) {
        int at = list.getSelectionModel().getSelectedIndex();
        if (key.getCode() == KeyCode.DOWN || key.getCode() == KeyCode.UP) {
            int next = at + (key.getCode() == KeyCode.DOWN ? 1 : -1);
            list.getSelectionModel().select(Math.max(0, Math.min(list.getItems().size() - 1, next)));
            list.scrollTo(Math.max(0, list.getSelectionModel().getSelectedIndex() - 5));
            key.consume();
        } else if (key.getCode() == KeyCode.ENTER) {
            take();
            key.consume();
        }
    }

    private void take() {
        Found found = list.getSelectionModel().getSelectedItem();
        if (found != null) {
            popup.hide();
            found.act().run();
        }
    }

    private static final class FoundCell extends ListCell<Found> {
        @Override
        protected void updateItem(Found found, boolean empty) {
            super.updateItem(found, empty);
            if (empty || found == null) {
                setGraphic(null);
                return;
            }
            Label words = new Label(found.words());
            Region between = new Region();
            HBox.setHgrow(between, Priority.ALWAYS);
            Label hint = new Label(found.hint());
            hint.getStyleClass().add("note-step");
            hint.setMinWidth(Region.USE_PREF_SIZE);
            setGraphic(new HBox(8, words, between, hint));
            setPrefWidth(0);
        }
    }
}
