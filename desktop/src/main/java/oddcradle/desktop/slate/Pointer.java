package oddcradle.desktop.slate;

import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.input.MouseEvent;

/** Whether a mouse button is down: nothing may move under it between its press and its release. */
public final class Pointer {
    private boolean down;
    private Runnable waiting = () -> {};

    private Pointer(Scene scene) {
        scene.addEventFilter(MouseEvent.MOUSE_PRESSED, press -> down = true);
        // After the click has done what it does.
        scene.addEventFilter(MouseEvent.MOUSE_RELEASED, release -> Platform.runLater(this::up));
        scene.addEventFilter(MouseEvent.MOUSE_MOVED, moved -> up());
    }

    private void up() {
        down = false;
        Runnable then = waiting;
        waiting = () -> {};
        then.run();
    }

    /** Begins to watch the scene of a node, wherever it comes to stand. */
    public static void watch(Node node) {
        node.sceneProperty().addListener((property, before, scene) -> {
            if (scene != null) {
                of(scene);
            }
        });
    }

    /** Does it now, or as soon as no button is down. */
    public static void whenUp(Node node, Runnable then) {
        Scene scene = node.getScene();
        if (scene == null || !of(scene).down) {
            then.run();
        } else {
            Pointer pointer = of(scene);
            Runnable before = pointer.waiting;
            pointer.waiting = () -> {
                before.run();
                then.run();
            };
        }
    }

    private static Pointer of(Scene scene) {
        return (Pointer) scene.getProperties().computeIfAbsent(Pointer.class, key -> new Pointer(scene));
    }
}
