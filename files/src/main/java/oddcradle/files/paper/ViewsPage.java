package oddcradle.files.paper;

import java.io.IOException;
import java.util.List;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;
import oddcradle.files.drawing.DrawnShape;
import oddcradle.files.drawing.Extent;
import oddcradle.files.drawing.FlatPoint;
import oddcradle.files.drawing.JobDrawing;
import oddcradle.files.drawing.Role;
import oddcradle.files.drawing.View;
import org.apache.pdfbox.pdmodel.PDDocument;

/** Three views to one scale, with the seat's main dimensions from the datum. */
final class ViewsPage {
    private static final double MARGIN = 15;

    private ViewsPage() {}

    static void add(PDDocument document, Fonts fonts, PaperSize paper, Examination examination, UnitStyle style)
            throws IOException {
        try (Sheet sheet = new Sheet(document, fonts, paper.width(), paper.height())) {
            sheet.text(MARGIN, sheet.height - 17, 7, Fonts.Face.BOLD, "Three views");
            double half = (sheet.width - 3 * MARGIN) / 2;
            double tall = (sheet.height - 30 - 2 * MARGIN) / 2;
            Frame left = new Frame(MARGIN, MARGIN + tall + 8, half, tall);
            Frame behind = new Frame(2 * MARGIN + half, MARGIN + tall + 8, half, tall);
            Frame above = new Frame(MARGIN, MARGIN, half, tall);
            double scale = Math.min(
                    fit(examination, View.FROM_LEFT, left),
                    Math.min(fit(examination, View.FROM_BEHIND, behind), fit(examination, View.FROM_ABOVE, above)));
            draw(sheet, examination, View.FROM_LEFT, left, scale, style);
            draw(sheet, examination, View.FROM_BEHIND, behind, scale, style);
            draw(sheet, examination, View.FROM_ABOVE, above, scale, style);
            dimensions(sheet, examination, 2 * MARGIN + half, MARGIN + tall - 6, style, scale);
        }
    }

    private record Frame(double x, double y, double width, double height) {}

    /** mm of paper per metre. */
    private static double fit(Examination examination, View view, Frame frame) {
        Extent extent = Extent.of(JobDrawing.shapes(examination, view));
        return Math.min(frame.width() / extent.width(), (frame.height() - 8) / extent.height());
    }

    private static void draw(
            Sheet sheet, Examination examination, View view, Frame frame, double scale, UnitStyle style)
            throws IOException {
        List<DrawnShape> shapes = JobDrawing.shapes(examination, view);
        Extent extent = Extent.of(shapes);
        double originX = frame.x() + frame.width() / 2 - extent.middle().x() * scale;
        double originY = frame.y() - extent.bottom() * scale;
        for (DrawnShape shape : shapes) {
            List<FlatPoint> onPaper = shape.outline().stream()
                    .map(point -> new FlatPoint(originX + point.x() * scale, originY + point.y() * scale))
                    .toList();
            if (shape.role() == Role.KEEP_OUT) {
                sheet.colour(Sheet.GRAPHITE);
                sheet.polyline(onPaper, true, 0.1);
            } else {
                sheet.area(onPaper, 0.18, colour(shape.role()));
            }
        }
        sheet.colour(Sheet.BLUE);
        for (Boss boss : examination.job().donor().bosses()) {
            FlatPoint at = view.flat(examination.seating().boss(boss.id()));
            double x = originX + at.x() * scale;
            double y = originY + at.y() * scale;
            sheet.line(x - 1.5, y, x + 1.5, y, 0.25);
            sheet.line(x, y - 1.5, x, y + 1.5, 0.25);
            sheet.text(x + 1, y + 1, 2.6, Fonts.Face.PLAIN, boss.id());
        }
        FlatPoint datum = view.flat(Vec3.ZERO);
        double datumY = originY + datum.y() * scale;
        sheet.colour(Sheet.GRAPHITE);
        sheet.dashed(frame.x(), datumY, frame.x() + frame.width(), datumY, 0.12);
        sheet.text(frame.x(), frame.y() + frame.height() - 4, 3.4, Fonts.Face.BOLD, view.title());
        sheet.colour(Sheet.INK);
    }

    private static int colour(Role role) {
        return switch (role) {
            case CRADLE_TUBE -> Sheet.BLUE;
            case HOT -> Sheet.PRIMER;
            case DONOR -> Sheet.INK;
            default -> Sheet.GRAPHITE;
        };
    }

    private static void dimensions(
            Sheet sheet, Examination examination, double x, double top, UnitStyle style, double scale)
            throws IOException {
        double y = top;
        sheet.text(x, y, 3.8, Fonts.Face.BOLD, "From the datum: forward, left, up");
        y -= 6;
        y = dimension(sheet, x, y, "front sprocket", examination.seating().driverCentre(), style);
        y = dimension(
                sheet, x, y, "centre of gravity", examination.seating().mass().cg(), style);
        for (Boss boss : examination.job().donor().bosses()) {
            y = dimension(
                    sheet,
                    x,
                    y,
                    boss.id() + " " + boss.label(),
                    examination.seating().boss(boss.id()),
                    style);
        }
        y = dimension(
                sheet,
                x,
                y,
                "rear sprocket",
                examination.job().host().drivenEnd().sprocketCentre(),
                style);
        sheet.colour(Sheet.GRAPHITE);
        sheet.text(
                x,
                y - 3,
                3,
                Fonts.Face.PLAIN,
                "Scale 1 : " + Math.round(1000 / scale) + ". Do not scale from this page; the numbers rule.");
        sheet.colour(Sheet.INK);
    }

    private static double dimension(Sheet sheet, double x, double y, String name, Vec3 at, UnitStyle style)
            throws IOException {
        sheet.text(x, y, 3.2, Fonts.Face.PLAIN, name);
        double column = x + 62;
        for (double value : new double[] {at.x(), at.y(), at.z()}) {
            sheet.textRight(column, y, 3.2, Fonts.Face.PLAIN, style.show(Quantity.length(value)));
            column += 24;
        }
        return y - 4.8;
    }
}
