package oddcradle.desktop.slate;

import javafx.scene.control.Button;
import javafx.scene.input.MouseEvent;

/**
 * A button that takes something away. Where it comes to lie under a waiting pointer, because what it stood beside has just gone,
 * it does nothing until the mouse has moved.
 */
public final class RemoveButton extends Button {
    private boolean approached;

    public RemoveButton(String words, String id, Runnable remove) {
        super(words);
        setId(id);
        setMinWidth(USE_PREF_SIZE);
        getStyleClass().add("plain-button");
        addEventHandler(MouseEvent.MOUSE_MOVED, moved -> approached = true);
        addEventFilter(MouseEvent.MOUSE_PRESSED, press -> {
            if (!approached && !press.isSynthesized()) {
                press.consume();
            }
        });
        setOnAction(click -> {
            approached = false;
            remove.run();
        });
    }
}
