package oddcradle.desktop.stand;

import java.util.Optional;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import oddcradle.core.math.Vec3;

/** What a click in a view asks for. Parts go by their ids; empty beside all of them. */
interface PartClicks {
    /**
     * Tells which of them a click is.
     *
     * @param moved how far the mouse went while it was down, pixels
     */
    default void click(MouseEvent event, String part, PlaceUnder place, double moved) {
        if (moved > STILL || event.getButton() == MouseButton.PRIMARY && placed(place)) {
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

    /** Where in the machine the mouse points, host axes, m. */
    interface PlaceUnder {
        /** In the plane of the screen through a place. */
        Vec3 beside(Vec3 place);

        /** On the body under the mouse; empty where the view does not tell. */
        Optional<Vec3> onBody();
    }

    /** Whether the click was wanted for a place. */
    boolean placed(PlaceUnder place);

    /** The mouse moves over the view, no button down. */
    void pointed(PlaceUnder place);

    void picked(String part);

    /** By a double click. */
    void opened(String part);

    /** By the other button. */
    void asked(String part, double screenX, double screenY);
}
