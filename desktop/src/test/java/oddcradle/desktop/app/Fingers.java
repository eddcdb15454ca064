package oddcradle.desktop.app;

import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import javafx.event.Event;
import javafx.event.EventHandler;
import javafx.event.EventType;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.TextField;
import javafx.scene.input.InputEvent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.robot.Robot;
import org.testfx.util.WaitForAsyncUtils;

/** Mouse and keyboard through the system's own events, waiting only until the window has had them. */
final class Fingers {
    private static final int PATIENCE_MILLIS = 5_000;
    private static final int SETTLING = 2;

    private Fingers() {}

    /** Clicks the middle of what can be seen. */
    static void click(Node node) {
        // A hand comes from somewhere: what waits for it sees it come.
        WaitForAsyncUtils.waitForAsyncFx(PATIENCE_MILLIS, () -> to(node, -2));
        WaitForAsyncUtils.waitForAsyncFx(PATIENCE_MILLIS, () -> to(node, 0));
        after(node.getScene(), MouseEvent.MOUSE_RELEASED, () -> {
            to(node, 0);
            new Robot().mouseClick(MouseButton.PRIMARY);
        });
    }

    private static void to(Node node, double beside) {
        Bounds at = node.localToScreen(node.getBoundsInLocal());
        new Robot().mouseMove(at.getCenterX() + beside, at.getCenterY());
    }

    /** Clicks into a field, types over what stands there, and presses Enter. */
    static void type(TextField field, String text) {
        click(field);
        after(field.getScene(), KeyEvent.KEY_RELEASED, () -> {
            field.selectAll();
            for (char each : text.toCharArray()) {
                String letter = String.valueOf(each);
                Event.fireEvent(
                        field.getScene().getFocusOwner(),
                        new KeyEvent(
                                KeyEvent.KEY_TYPED, letter, letter, KeyCode.UNDEFINED, false, false, false, false));
            }
            new Robot().keyType(KeyCode.ENTER);
        });
    }

    private static <E extends InputEvent> void after(Scene scene, EventType<E> last, Runnable acts) {
        CountDownLatch had = new CountDownLatch(1);
        EventHandler<E> seen = event -> had.countDown();
        WaitForAsyncUtils.waitForAsyncFx(PATIENCE_MILLIS, () -> {
            scene.addEventFilter(last, seen);
            acts.run();
        });
        try {
            if (!had.await(PATIENCE_MILLIS, TimeUnit.MILLISECONDS)) {
                throw new AssertionError("the window had no " + last);
            }
        } catch (InterruptedException stopped) {
            throw new AssertionError(stopped);
        }
        WaitForAsyncUtils.waitForAsyncFx(PATIENCE_MILLIS, () -> scene.removeEventFilter(last, seen));
        WaitForAsyncUtils.waitForFxEvents(SETTLING);
    }
}
