package oddcradle.desktop.look;

import atlantafx.base.theme.PrimerDark;
import atlantafx.base.theme.PrimerLight;
import java.util.ArrayList;
import java.util.List;
import javafx.application.Application;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.text.Font;

/** The two looks of the window: paper and night. */
public enum Look {
    PAPER("paper"),
    NIGHT("night");

    private static final String[] FONTS = {
        "barlow-regular", "barlow-medium", "barlow-semibold", "barlow-bold", "plex-mono-regular"
    };

    private final String styleClass;

    Look(String styleClass) {
        this.styleClass = styleClass;
    }

    /** Makes the shipped fonts known to the toolkit. */
    public static void loadFonts() {
        for (String font : FONTS) {
            Font.loadFont(Look.class.getResourceAsStream("/fonts/" + font + ".ttf"), 12);
        }
    }

    public Look other() {
        return this == PAPER ? NIGHT : PAPER;
    }

    /** A window of its own over a dressed one looks like it. */
    public static void lend(Scene dressed, Scene over) {
        over.getStylesheets().setAll(dressed.getStylesheets());
        lendClass(dressed, over.getRoot());
    }

    /** So does a popup, whose scene is not its own. */
    public static void lend(Scene dressed, Parent over) {
        over.getStylesheets().setAll(dressed.getStylesheets());
        over.getStyleClass().add("root");
        lendClass(dressed, over);
    }

    private static void lendClass(Scene dressed, Parent over) {
        List<String> lent = dressed.getRoot().getStyleClass().stream()
                .filter(each -> each.equals(PAPER.styleClass) || each.equals(NIGHT.styleClass))
                .toList();
        List<String> classes = new ArrayList<>(over.getStyleClass());
        classes.removeAll(List.of(PAPER.styleClass, NIGHT.styleClass));
        classes.addAll(lent);
        over.getStyleClass().setAll(classes);
    }

    /** Sets the theme and the stylesheet, and puts the look on the scene's root. */
    public void dress(Scene scene) {
        Application.setUserAgentStylesheet(
                this == NIGHT ? new PrimerDark().getUserAgentStylesheet() : new PrimerLight().getUserAgentStylesheet());
        String sheet = Look.class.getResource("/oddcradle/desktop/look.css").toExternalForm();
        if (!scene.getStylesheets().contains(sheet)) {
            scene.getStylesheets().add(sheet);
        }
        Parent root = scene.getRoot();
        // In one step: between two no colour would be known.
        List<String> classes = new ArrayList<>(root.getStyleClass());
        classes.removeAll(List.of(PAPER.styleClass, NIGHT.styleClass));
        classes.add(styleClass);
        root.getStyleClass().setAll(classes);
    }
}
