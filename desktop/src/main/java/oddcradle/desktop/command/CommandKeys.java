package oddcradle.desktop.command;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.BiPredicate;
import javafx.collections.ListChangeListener;
import javafx.collections.WeakListChangeListener;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Window;

/** Runs commands by their keys, before anything in the window takes the key; once for each time they are pressed, however long. */
public final class CommandKeys {
    private final List<Command> commands;
    private final BiPredicate<Command, Node> left;
    private final Set<KeyCode> down = EnumSet.noneOf(KeyCode.class);
    private final ListChangeListener<Window> windowsChanged = change -> down.clear();

    private CommandKeys(List<Command> commands, BiPredicate<Command, Node> left) {
        this.commands = commands;
        this.left = left;
    }

    /** @param left whether a key is left to what has the focus, such as an undo to a field that is being typed in */
    public static void listen(Scene scene, List<Command> commands, BiPredicate<Command, Node> left) {
        CommandKeys keys = new CommandKeys(commands, left);
        scene.addEventFilter(KeyEvent.KEY_PRESSED, keys::pressed);
        scene.addEventFilter(KeyEvent.KEY_RELEASED, release -> keys.down.remove(release.getCode()));
        // A window that opens meanwhile gets the release.
        Window.getWindows().addListener(new WeakListChangeListener<>(keys.windowsChanged));
    }

    private void pressed(KeyEvent press) {
        Node focused = ((Scene) press.getSource()).getFocusOwner();
        boolean again = !down.add(press.getCode());
        commands.stream()
                .filter(command ->
                        command.keys().filter(keys -> keys.match(press)).isPresent())
                .findFirst()
                .filter(command -> focused == null || !left.test(command, focused))
                .ifPresent(command -> {
                    press.consume();
                    if (!again || command.repeats()) {
                        command.run();
                    }
                });
    }
}
