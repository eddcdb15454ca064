package oddcradle.desktop.stand;

import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;

/** What a click in a view asks for. Parts go by their ids; empty beside all of them. */
interface PartClicks {
    /**
     * Tells which of them a click is.
     *
     * @param moved how far the mouse went while it was down, pixels
     */
    default void click(MouseEvent event, String part, double moved) {
        if (moved > STILL) {
            return;
        }
        if (event.getButton() == MouseButton.SECONDARY) {
            asked(part, event.getScreenX(), event.getScreenY());
        } else if (event.getButton() == MouseButton.PRIMARY) {
            picked(part);
            if (event.getClickCount() == 2 && !part.isEmpty()) {
                opened(part);
            }
        }
    }

    /** A hand that moves more than this drags, pixels. */
    double STILL = 4;

    void picked(String part);

    /** By a double click. */
    void opened(String part);

    /** By the other button. */
    void asked(String part, double screenX, double screenY);
}
