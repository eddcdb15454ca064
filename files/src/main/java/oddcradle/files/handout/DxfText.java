package oddcradle.files.handout;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import oddcradle.files.drawing.FlatPoint;

/**
 * A DXF of release 12 while it is written, which every program that reads DXF reads: millimetres at true scale.
 *
 * <p>Source: DXF reference of release 12, from memory.
 */
final class DxfText {
    private final StringBuilder text = new StringBuilder();

    /**
     * @param lower left corner of all that is drawn, m
     * @param upper right corner, m
     * @param layers with their numbers of the standard colour table
     */
    DxfText(FlatPoint lower, FlatPoint upper, Map<String, Integer> layers) {
        pair(0, "SECTION").pair(2, "HEADER");
        pair(9, "$ACADVER").pair(1, "AC1009");
        pair(9, "$EXTMIN").point(lower);
        pair(9, "$EXTMAX").point(upper);
        pair(0, "ENDSEC");
        pair(0, "SECTION").pair(2, "TABLES");
        pair(0, "TABLE").pair(2, "LTYPE").pair(70, "1");
        pair(0, "LTYPE")
                .pair(2, "CONTINUOUS")
                .pair(70, "0")
                .pair(3, "Solid line")
                .pair(72, "65")
                .pair(73, "0")
                .pair(40, "0.0");
        pair(0, "ENDTAB");
        pair(0, "TABLE").pair(2, "LAYER").pair(70, Integer.toString(layers.size()));
        layers.forEach((name, colour) -> {
            pair(0, "LAYER").pair(2, name).pair(70, "0").pair(62, Integer.toString(colour));
            pair(6, "CONTINUOUS");
        });
        pair(0, "ENDTAB").pair(0, "ENDSEC");
        pair(0, "SECTION").pair(2, "ENTITIES");
    }

    /** A line through points, m, back to its first where it is closed. */
    void outline(String layer, List<FlatPoint> corners, boolean closed) {
        pair(0, "POLYLINE").pair(8, layer).pair(66, "1").pair(70, closed ? "1" : "0");
        pair(10, "0.0").pair(20, "0.0").pair(30, "0.0");
        for (FlatPoint corner : corners) {
            pair(0, "VERTEX").pair(8, layer);
            point(corner);
        }
        pair(0, "SEQEND").pair(8, layer);
    }

    /** @param radius m */
    void circle(String layer, FlatPoint middle, double radius) {
        pair(0, "CIRCLE").pair(8, layer).point(middle).pair(40, number(radius));
    }

    /** @param height m */
    void words(String layer, FlatPoint at, double height, String words) {
        // Release 12 knows plain letters only.
        pair(0, "TEXT").pair(8, layer).point(at).pair(40, number(height)).pair(1, words.replaceAll("[^ -~]", "?"));
    }

    String done() {
        pair(0, "ENDSEC").pair(0, "EOF");
        return text.toString();
    }

    private DxfText point(FlatPoint at) {
        return pair(10, number(at.x())).pair(20, number(at.y())).pair(30, "0.0");
    }

    private DxfText pair(int code, String value) {
        text.append(String.format(Locale.ROOT, "%3d", code))
                .append("\r\n")
                .append(value)
                .append("\r\n");
        return this;
    }

    private static String number(double metres) {
        return String.format(Locale.ROOT, "%.4f", 1000 * metres);
    }
}
