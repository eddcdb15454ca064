package oddcradle.files.handout;

import java.util.List;
import java.util.Locale;
import oddcradle.files.drawing.DrawnShape;
import oddcradle.files.drawing.Extent;
import oddcradle.files.drawing.FlatPoint;
import oddcradle.files.drawing.Role;

/**
 * Outlines as DXF of release 12, which every program that reads DXF reads: closed polylines in millimetres at true scale, a layer for
 * each kind of thing.
 *
 * <p>Source: DXF reference of release 12, from memory.
 */
public final class DxfDrawing {
    private final StringBuilder text = new StringBuilder();

    private DxfDrawing() {}

    /** @param shapes m; at least one */
    public static String of(List<DrawnShape> shapes) {
        DxfDrawing dxf = new DxfDrawing();
        dxf.head(Extent.of(shapes));
        dxf.layers();
        dxf.pair(0, "SECTION").pair(2, "ENTITIES");
        shapes.forEach(dxf::outline);
        dxf.pair(0, "ENDSEC").pair(0, "EOF");
        return dxf.text.toString();
    }

    private void head(Extent extent) {
        pair(0, "SECTION").pair(2, "HEADER");
        pair(9, "$ACADVER").pair(1, "AC1009");
        pair(9, "$EXTMIN").point(new FlatPoint(extent.left(), extent.bottom()));
        pair(9, "$EXTMAX").point(new FlatPoint(extent.right(), extent.top()));
        pair(0, "ENDSEC");
    }

    private void layers() {
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
        pair(0, "TABLE").pair(2, "LAYER").pair(70, Integer.toString(Role.values().length));
        for (Role role : Role.values()) {
            pair(0, "LAYER").pair(2, role.name()).pair(70, "0").pair(62, Integer.toString(colour(role)));
            pair(6, "CONTINUOUS");
        }
        pair(0, "ENDTAB").pair(0, "ENDSEC");
    }

    /** Numbers of the standard colour table. */
    private static int colour(Role role) {
        return switch (role) {
            case HOST_TUBE -> 8;
            case KEEP_OUT -> 9;
            case CRADLE_TUBE -> 5;
            case DONOR -> 7;
            case HOT -> 30;
            case DRIVE -> 3;
        };
    }

    private void outline(DrawnShape shape) {
        pair(0, "POLYLINE").pair(8, shape.role().name()).pair(66, "1").pair(70, "1");
        pair(10, "0.0").pair(20, "0.0").pair(30, "0.0");
        for (FlatPoint corner : shape.outline()) {
            pair(0, "VERTEX").pair(8, shape.role().name());
            point(corner);
        }
        pair(0, "SEQEND").pair(8, shape.role().name());
    }

    private DxfDrawing point(FlatPoint at) {
        return pair(10, number(at.x())).pair(20, number(at.y())).pair(30, "0.0");
    }

    private DxfDrawing pair(int code, String value) {
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
