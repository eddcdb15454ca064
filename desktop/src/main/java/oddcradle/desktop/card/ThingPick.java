package oddcradle.desktop.card;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.ToggleButton;
import oddcradle.desktop.store.Desk;

/** A button beside a field that names a thing: while it is down, the next thing clicked in the stand goes into the field. */
final class ThingPick extends ToggleButton {
    /** @param take gets the id of what is clicked */
    ThingPick(Desk desk, String id, String name, Consumer<String> take) {
        super("pick");
        setId(id + "-pick");
        setAccessibleText("pick " + name + " in the stand");
        getStyleClass().add("cure-button");
        setMinWidth(USE_PREF_SIZE);
        setOnAction(click -> desk.thingWantedProperty().set(isSelected() ? Optional.of(take) : Optional.empty()));
        desk.thingWantedProperty().addListener((property, before, now) -> {
            if (isSelected() && now.filter(take::equals).isEmpty()) {
                setSelected(false);
            }
        });
    }
}
