package oddcradle.desktop.command;

import java.util.List;
import java.util.function.BiPredicate;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.input.KeyEvent;

/** Runs commands by their keys, before anything in the window takes the key. */
public final class CommandKeys {
    private CommandKeys() {}

    /** @param left whether a key is left to what has the focus, such as an undo to a field that is being typed in */
    public static void listen(Scene scene, List<Command> commands, BiPredicate<Command, Node> left) {
        scene.addEventFilter(KeyEvent.KEY_PRESSED, press -> commands.stream()
                .filter(command ->
                        command.keys().filter(keys -> keys.match(press)).isPresent())
                .findFirst()
                .filter(command -> scene.getFocusOwner() == null || !left.test(command, scene.getFocusOwner()))
                .ifPresent(command -> {
                    press.consume();
                    command.run();
                }));
    }
}
