package oddcradle.files.handout;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import oddcradle.files.drawing.DrawnShape;
import oddcradle.files.drawing.Extent;
import oddcradle.files.drawing.FlatPoint;
import oddcradle.files.drawing.Role;

/** Outlines as DXF: closed polylines, a layer for each kind of thing. */
public final class DxfDrawing {
    private DxfDrawing() {}

    /** @param shapes m; at least one */
    public static String of(List<DrawnShape> shapes) {
        Extent extent = Extent.of(shapes);
        Map<String, Integer> layers = new LinkedHashMap<>();
        for (Role role : Role.values()) {
            layers.put(role.name(), colour(role));
        }
        DxfText dxf = new DxfText(
                new FlatPoint(extent.left(), extent.bottom()), new FlatPoint(extent.right(), extent.top()), layers);
        shapes.forEach(shape -> dxf.outline(shape.role().name(), shape.outline(), true));
        return dxf.done();
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
}
