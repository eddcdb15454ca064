package oddcradle.desktop.slate;

import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;

/** Words and buttons of a sheet as all sheets have them. */
public final class Text {
    private Text() {}

    /** Over a part of a sheet. */
    public static Label head(String words) {
        Label head = line(words);
        head.getStyleClass().add("section-title");
        return head;
    }

    /** As long as it takes, never cut off. */
    public static Label line(String words) {
        Label line = new Label(words);
        line.setWrapText(true);
        line.setMinHeight(Region.USE_PREF_SIZE);
        return line;
    }

    /** Told when something is done; takes no room while there is nothing to say. */
    public static Label said(String id) {
        Label said = line("");
        said.setId(id);
        said.managedProperty().bind(said.textProperty().isNotEmpty());
        return said;
    }

    /** Does something at once. */
    public static Button button(String id, String words, Runnable does) {
        Button button = new Button(words);
        button.setId(id);
        button.getStyleClass().add("cure-button");
        button.setOnAction(click -> does.run());
        return button;
    }
}
