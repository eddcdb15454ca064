package oddcradle.desktop.app;

import java.util.Map;
import javafx.geometry.Rectangle2D;
import javafx.stage.Screen;
import javafx.stage.Stage;
import oddcradle.files.settings.Settings;

/** Where the window stood last and how large it was; never larger than the screen that it opens on. */
final class WindowPlace {
    private static final double WIDTH = 1280;
    private static final double HEIGHT = 800;
    private static final double LEAST_WIDTH = 1100;
    private static final double LEAST_HEIGHT = 600;
    /** Of a remembered window this much must be in sight, pixels. */
    private static final double IN_SIGHT = 120;

    /** Where no window stands: it has no place yet. */
    static final double NOWHERE = -1e9;

    private final Settings memory;

    WindowPlace(Settings memory) {
        this.memory = memory;
    }

    /** Shows the stage in its place and size, frame and title included. */
    void show(Stage stage) {
        Rectangle2D wanted = new Rectangle2D(
                memory.number("x", NOWHERE),
                memory.number("y", NOWHERE),
                Math.max(1, memory.number("width", WIDTH)),
                Math.max(1, memory.number("height", HEIGHT)));
        Rectangle2D screen = Screen.getScreens().stream()
                .map(Screen::getVisualBounds)
                .filter(bounds -> isInSight(wanted, bounds))
                .findFirst()
                .orElse(Screen.getPrimary().getVisualBounds());
        Rectangle2D fitted = fitted(wanted, screen);
        put(stage, fitted);
        stage.setMaximized(memory.yes("maximized", false));
        stage.show();
        // Some window managers take the least size for the wanted one until the window stands.
        if (!stage.isMaximized()) {
            put(stage, fitted);
        }
        stage.setMinWidth(Math.min(LEAST_WIDTH, screen.getWidth()));
        stage.setMinHeight(Math.min(LEAST_HEIGHT, screen.getHeight()));
    }

    private static void put(Stage stage, Rectangle2D place) {
        stage.setX(place.getMinX());
        stage.setY(place.getMinY());
        stage.setWidth(place.getWidth());
        stage.setHeight(place.getHeight());
    }

    void remember(Stage stage) {
        memory.put("maximized", stage.isMaximized());
        if (!stage.isMaximized() && !stage.isIconified()) {
            memory.putAll(Map.of(
                    "x", stage.getX(), "y", stage.getY(), "width", stage.getWidth(), "height", stage.getHeight()));
        }
    }

    private static boolean isInSight(Rectangle2D window, Rectangle2D screen) {
        return window.getMinX() + IN_SIGHT < screen.getMaxX()
                && window.getMaxX() - IN_SIGHT > screen.getMinX()
                && window.getMinY() >= screen.getMinY()
                && window.getMinY() + IN_SIGHT < screen.getMaxY();
    }

    /** A window that lies wholly on the screen; in the middle where it has no place yet. */
    static Rectangle2D fitted(Rectangle2D window, Rectangle2D screen) {
        double width = Math.min(Math.max(window.getWidth(), LEAST_WIDTH), screen.getWidth());
        double height = Math.min(Math.max(window.getHeight(), LEAST_HEIGHT), screen.getHeight());
        return new Rectangle2D(
                within(window.getMinX(), screen.getMinX(), screen.getMaxX() - width),
                within(window.getMinY(), screen.getMinY(), screen.getMaxY() - height),
                width,
                height);
    }

    private static double within(double place, double low, double high) {
        return place == NOWHERE ? (low + high) / 2 : Math.max(low, Math.min(high, place));
    }
}
