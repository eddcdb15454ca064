package oddcradle.files.paper;

import java.io.IOException;
import java.util.List;
import oddcradle.core.math.Vec3;
import oddcradle.files.drawing.DrawnShape;
import oddcradle.files.drawing.Extent;
import oddcradle.files.drawing.FlatPoint;
import oddcradle.files.drawing.Role;
import oddcradle.files.drawing.Sight;

/**
 * Shapes fitted into a frame of a page, not to true scale.
 *
 * @param scale mm of paper per metre
 * @param x of the drawing's origin on the page, mm
 * @param y mm
 */
record Picture(Sight sight, double scale, double x, double y) {
    /** Fitted into a frame, mm. */
    static Picture fitted(
            List<DrawnShape> shapes, Sight sight, double left, double bottom, double width, double height) {
        Extent extent = Extent.of(shapes);
        return scaled(
                extent, sight, Math.min(width / extent.width(), height / extent.height()), left, bottom, width, height);
    }

    static Picture scaled(
            Extent extent, Sight sight, double scale, double left, double bottom, double width, double height) {
        return new Picture(
                sight,
                scale,
                left + width / 2 - extent.middle().x() * scale,
                bottom + height / 2 - extent.middle().y() * scale);
    }

    FlatPoint onPaper(Vec3 place) {
        return onPaper(sight.flat(place));
    }

    private FlatPoint onPaper(FlatPoint flat) {
        return new FlatPoint(x + flat.x() * scale, y + flat.y() * scale);
    }

    void draw(Sheet sheet, List<DrawnShape> shapes) throws IOException {
        for (DrawnShape shape : shapes) {
            List<FlatPoint> outline =
                    shape.outline().stream().map(this::onPaper).toList();
            if (shape.role() == Role.KEEP_OUT) {
                sheet.colour(Sheet.GRAPHITE);
                sheet.polyline(outline, true, 0.1);
            } else {
                sheet.area(outline, 0.18, colour(shape.role()));
            }
        }
        sheet.colour(Sheet.INK);
    }

    /** A number or mark in a round beside a place, with a line to it. */
    void balloon(Sheet sheet, Vec3 place, FlatPoint where, String mark) throws IOException {
        FlatPoint at = onPaper(place);
        double size = Math.max(6, sheet.widthOf(Fonts.Face.BOLD, 3, mark) + 2.4);
        sheet.colour(Sheet.INK);
        sheet.line(at.x(), at.y(), where.x(), where.y(), 0.15);
        sheet.disc(where.x(), where.y(), size, 0.25);
        sheet.textCentred(where.x(), where.y() - 1.1, 3, Fonts.Face.BOLD, mark);
    }

    static int colour(Role role) {
        return switch (role) {
            case CRADLE_TUBE -> Sheet.BLUE;
            case HOT -> Sheet.PRIMER;
            case DONOR -> Sheet.INK;
            default -> Sheet.GRAPHITE;
        };
    }
}
