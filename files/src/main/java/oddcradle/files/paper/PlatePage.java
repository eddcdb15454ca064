package oddcradle.files.paper;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import oddcradle.core.hardware.HardwareItem;
import oddcradle.core.joint.Outline;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;
import oddcradle.files.drawing.FlatPoint;
import org.apache.pdfbox.pdmodel.PDDocument;

/** The outline of a tab or seat at true scale, its weld line at the foot. */
final class PlatePage {
    private static final double MARGIN = 15;
    private static final double BELOW = 46;
    private static final double ABOVE = 44;
    private static final int AROUND = 48;

    private PlatePage() {}

    static void add(PDDocument document, Fonts fonts, PaperSize paper, HardwareItem plate, UnitStyle style)
            throws IOException {
        Outline outline = plate.outline().orElseThrow();
        double left =
                outline.edge().stream().mapToDouble(Outline.Point::x).min().orElse(0) * 1e3;
        double right =
                outline.edge().stream().mapToDouble(Outline.Point::x).max().orElse(0) * 1e3;
        double top = outline.edge().stream().mapToDouble(Outline.Point::y).max().orElse(0) * 1e3;
        // A plate that is larger than the shop's paper gets a sheet of its own size rather than a false scale.
        double width = Math.max(paper.width(), right - left + 2 * MARGIN);
        double height = Math.max(paper.height(), top + BELOW + ABOVE);
        try (Sheet sheet = new Sheet(document, fonts, width, height)) {
            String count = plate.count() == 1 ? "" : ", " + plate.count() + " alike";
            sheet.text(
                    MARGIN,
                    height - 14,
                    6,
                    Fonts.Face.BOLD,
                    "mount " + plate.mount() + ", " + plate.kind().word() + count);
            sheet.text(
                    MARGIN,
                    height - 21,
                    3.6,
                    Fonts.Face.PLAIN,
                    plate.designation() + " · " + style.show(Quantity.length(plate.length())) + " thick · "
                            + holes(outline, style));
            sheet.text(
                    MARGIN,
                    height - 27,
                    3.2,
                    Fonts.Face.PLAIN,
                    plate.kind() == HardwareItem.Kind.TAB
                            ? "Glue it on the plate, centre-punch through the cross, drill, cut to the line. The straight foot is"
                                    + " welded to the tube."
                            : "Glue it on the plate, centre-punch through the cross, drill, cut to the line.");
            double x0 = MARGIN - left;
            sheet.polyline(
                    outline.edge().stream()
                            .map(point -> new FlatPoint(x0 + point.x() * 1e3, BELOW + point.y() * 1e3))
                            .toList(),
                    true,
                    0.25);
            for (Outline.Hole hole : outline.holes()) {
                hole(sheet, x0 + hole.x() * 1e3, BELOW + hole.y() * 1e3, hole.diameter() * 1e3);
            }
            CalibrationBars.draw(sheet, MARGIN, 12);
        }
    }

    private static String holes(Outline outline, UnitStyle style) {
        List<String> holes = outline.holes().stream()
                .map(hole -> "hole " + style.show(Quantity.length(hole.diameter())))
                .toList();
        return String.join(", ", holes);
    }

    private static void hole(Sheet sheet, double x, double y, double diameter) throws IOException {
        List<FlatPoint> round = new ArrayList<>();
        for (int k = 0; k < AROUND; k++) {
            double angle = 2 * Math.PI * k / AROUND;
            round.add(new FlatPoint(x + diameter / 2 * Math.cos(angle), y + diameter / 2 * Math.sin(angle)));
        }
        sheet.polyline(round, true, 0.25);
        double arm = diameter / 2 + 3;
        sheet.line(x - arm, y, x + arm, y, 0.12);
        sheet.line(x, y - arm, x, y + arm, 0.12);
    }
}
