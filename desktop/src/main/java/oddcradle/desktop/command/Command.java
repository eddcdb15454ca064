package oddcradle.desktop.command;

import java.util.Optional;
import java.util.function.BooleanSupplier;
import javafx.scene.input.KeyCombination;

/**
 * Something that can be had done.
 *
 * @param id of its menu line, unlike any other
 * @param words as a menu says it
 * @param keys that do it from anywhere in the window
 * @param ready whether it can be done now
 * @param on whether it is switched on; empty where it is no switch
 * @param repeats whether keys that stay down do it again and again
 */
public record Command(
        String id,
        String words,
        Optional<KeyCombination> keys,
        BooleanSupplier ready,
        Optional<BooleanSupplier> on,
        boolean repeats,
        Runnable act)
        implements Entry {
    public static Command of(String id, String words, Runnable act) {
        return new Command(id, words, Optional.empty(), () -> true, Optional.empty(), false, act);
    }

    /** @param combination such as {@code Shortcut+Shift+S} */
    public Command keys(String combination) {
        return new Command(id, words, Optional.of(KeyCombination.valueOf(combination)), ready, on, repeats, act);
    }

    public Command when(BooleanSupplier canBeDone) {
        return new Command(id, words, keys, canBeDone, on, repeats, act);
    }

    /** A switch that shows how it stands. */
    public Command on(BooleanSupplier isOn) {
        return new Command(id, words, keys, ready, Optional.of(isOn), repeats, act);
    }

    /** One that keys do again while they stay down. */
    public Command repeating() {
        return new Command(id, words, keys, ready, on, true, act);
    }

    /** Does it if it can be done. */
    public void run() {
        if (ready.getAsBoolean()) {
            act.run();
        }
    }
}
