package oddcradle.files.paper;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import oddcradle.core.shop.CopeResult;
import oddcradle.core.step.make.CutTube;
import oddcradle.core.step.make.TubeEnd;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;
import oddcradle.files.drawing.FlatPoint;
import org.apache.pdfbox.pdmodel.PDDocument;

/** One cope as a paper wrap at true scale, printed side outwards, the tube upwards. */
final class WrapPage {
    private static final double MARGIN = 15;
    private static final double GRIP = 18;
    private static final double BELOW = 46;
    private static final double ABOVE = 34;

    private WrapPage() {}

    static void add(PDDocument document, Fonts fonts, PaperSize paper, CutTube tube, TubeEnd end, UnitStyle style)
            throws IOException {
        CopeResult cope = end.cope().orElseThrow();
        double length = cope.circumference() * 1e3;
        double least = least(cope) * 1e3;
        double top = greatest(cope) * 1e3 + GRIP;
        // A wrap that is larger than the shop's paper gets a sheet of its own size rather than a false scale.
        double width = Math.max(paper.width(), length + 2 * MARGIN);
        double height = Math.max(paper.height(), top - least + BELOW + ABOVE);
        try (Sheet sheet = new Sheet(document, fonts, width, height)) {
            double left = MARGIN;
            double zero = BELOW - least;
            sheet.text(
                    left,
                    height - 14,
                    6,
                    Fonts.Face.BOLD,
                    tube.tube().id() + " " + tube.tube().label() + ", end at " + end.node());
            sheet.text(
                    left,
                    height - 21,
                    3.6,
                    Fonts.Face.PLAIN,
                    "sits on " + String.join(" and ", end.landsOn()) + " · "
                            + tube.tube().section().in(style) + " · wrap length "
                            + String.format(Locale.ROOT, "%.2f mm", length) + " · "
                            + end.marks());
            sheet.text(
                    left,
                    height - 27,
                    3.2,
                    Fonts.Face.PLAIN,
                    "Cut out, wrap round the tube printed side out, upper edge square to the tube and "
                            + style.show(Quantity.length((top - least) / 1e3))
                            + " from the longest point. Cut along the curve.");
            sheet.polyline(outline(cope, left, zero, zero + top), true, 0.25);
            quarters(sheet, left, zero + top, zero + least, length);
            CalibrationBars.draw(sheet, left, 12);
        }
    }

    private static double least(CopeResult cope) {
        return cope.deepest().orElse(0);
    }

    private static double greatest(CopeResult cope) {
        return cope.fit().stream()
                .filter(OptionalDouble::isPresent)
                .mapToDouble(OptionalDouble::getAsDouble)
                .max()
                .orElse(0);
    }

    /** The curve from left to right, then back along the upper edge; where the tube misses, it is cut square at 0. */
    private static List<FlatPoint> outline(CopeResult cope, double left, double zero, double top) {
        int steps = cope.phi().size();
        double length = cope.circumference() * 1e3;
        List<FlatPoint> outline = new ArrayList<>();
        for (int k = 0; k <= steps; k++) {
            double s = cope.fit().get(k % steps).orElse(least(cope)) * 1e3;
            outline.add(new FlatPoint(left + length * k / steps, zero + s));
        }
        outline.add(new FlatPoint(left + length, top));
        outline.add(new FlatPoint(left, top));
        return outline;
    }

    private static void quarters(Sheet sheet, double left, double top, double bottom, double length)
            throws IOException {
        sheet.colour(Sheet.GRAPHITE);
        for (int quarter = 0; quarter <= 4; quarter++) {
            double x = left + length * quarter / 4;
            sheet.dashed(x, bottom, x, top, 0.12);
            sheet.textCentred(x, top + 1.2, 2.8, Fonts.Face.PLAIN, 90 * quarter % 360 + "°");
        }
        sheet.colour(Sheet.INK);
    }
}
