package oddcradle.desktop.slate;

import java.util.function.Consumer;
import javafx.scene.control.Toggle;
import javafx.scene.control.ToggleGroup;

/** Buttons of which always one is chosen; an arrow key chooses as a click does. */
public final class Toggles {
    private Toggles() {}

    /** @param chosen gets the toggle that somebody has chosen, by mouse or by key */
    public static void follow(ToggleGroup group, Consumer<Toggle> chosen) {
        group.selectedToggleProperty().addListener((property, before, now) -> {
            if (now == null) {
                // A click on the chosen one would leave none.
                if (before.getToggleGroup() == group) {
                    before.setSelected(true);
                }
            } else if (before != null) {
                chosen.accept(now);
            }
        });
    }
}
