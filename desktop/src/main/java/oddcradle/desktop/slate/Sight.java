package oddcradle.desktop.slate;

import javafx.scene.Node;
import javafx.stage.Window;

/** Whether somebody can see it. */
public final class Sight {
    private Sight() {}

    /** In a window that is open: what moves in a closed one is never drawn, and its leavings are kept until it would be. */
    public static boolean isOpen(Node node) {
        Window window = node.getScene() == null ? null : node.getScene().getWindow();
        return window != null && window.isShowing();
    }
}
