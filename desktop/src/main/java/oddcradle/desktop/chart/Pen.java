package oddcradle.desktop.chart;

import java.util.List;
import javafx.scene.paint.Color;

/** What a chart is drawn with, on the screen or into a file; lengths in pixels, down from the upper left. */
interface Pen {
    /** How a line looks. @param dashes lengths of stroke and gap in turn; none for an unbroken line */
    record Stroke(Color colour, double width, double... dashes) {}

    /** Which end of the words stands at the place. */
    enum Anchor {
        START,
        MIDDLE,
        END
    }

    record Spot(double x, double y) {}

    void path(List<Spot> spots, Stroke stroke);

    void dot(Spot middle, double diameter, Color colour);

    void box(double x, double y, double width, double height, Color colour);

    /** Words on one line, their foot at the place. */
    void words(String words, Spot at, Anchor anchor, Color colour);

    default void line(double x1, double y1, double x2, double y2, Stroke stroke) {
        path(List.of(new Spot(x1, y1), new Spot(x2, y2)), stroke);
    }
}
