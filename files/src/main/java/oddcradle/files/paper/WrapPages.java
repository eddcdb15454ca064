package oddcradle.files.paper;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.section.RectTube;
import oddcradle.core.shop.CopeResult;
import oddcradle.core.shop.FlatCuts;
import oddcradle.core.step.make.CutTube;
import oddcradle.core.step.make.TubeEnd;
import oddcradle.core.units.Quantity;
import oddcradle.files.drawing.FlatPoint;

/** Copes as paper wraps at true scale, printed side outwards, the tube upwards, as many on a sheet as go. */
final class WrapPages {
    /** Paper above the deepest place of the cut, to hold it square by. */
    private static final double GRIP = 18;

    private static final double TEXT = 17;
    private static final double NARROWEST = 58;

    private WrapPages() {}

    static void add(Book book, List<CutTube> tubes) throws IOException {
        List<Blocks.Block> blocks = new ArrayList<>();
        for (CutTube tube : tubes) {
            for (TubeEnd end : tube.ends()) {
                if (end.cope().isPresent()) {
                    blocks.add(block(book, tube, end));
                }
            }
        }
        Blocks.add(
                book,
                "Cope wraps",
                "Printed side out, upper edge towards the middle of the tube and square to it; both ends of a straight tube with 0° on one scribed"
                        + " line. Cut along the curve.",
                blocks);
    }

    private static Blocks.Block block(Book book, CutTube tube, TubeEnd end) {
        CopeResult cope = end.cope().orElseThrow();
        double length = cope.perimeter() * 1e3;
        double wide = Math.max(length, NARROWEST);
        double tall = cope.depth() * 1e3 + GRIP + TEXT + 2;
        return new Blocks.Block(wide, tall, sheet -> draw(book, sheet, tube, end, wide, tall));
    }

    private static void draw(Book book, Sheet sheet, CutTube tube, TubeEnd end, double wide, double tall)
            throws IOException {
        CopeResult cope = end.cope().orElseThrow();
        sheet.fitted(0, tall - 4.2, wide, 4.4, Fonts.Face.BOLD, tube.tube().id() + ", end at " + end.node());
        sheet.fitted(
                0,
                tall - 8.6,
                wide,
                2.9,
                Fonts.Face.PLAIN,
                "on " + String.join(" and ", end.landsOn()) + " · "
                        + tube.tube().section().in(book.style()));
        sheet.fitted(
                0,
                tall - 12.4,
                wide,
                2.9,
                Fonts.Face.PLAIN,
                end.marks() + " · deep " + book.style().show(Quantity.length(cope.depth())));
        double least = cope.deepest().orElse(0) * 1e3;
        double length = cope.perimeter() * 1e3;
        double top = cope.depth() * 1e3 + GRIP;
        sheet.polyline(outline(cope, least, top), true, 0.25);
        sheet.colour(Sheet.GRAPHITE);
        if (tube.tube().section() instanceof RectTube box) {
            corners(sheet, box, top, length);
        } else {
            quarters(sheet, top, length);
            flatCuts(sheet, end, least, length);
        }
        longPoint(sheet, cope, least);
        sheet.text(3, top + 0.8, 2.4, Fonts.Face.PLAIN, "the tube goes on this way");
        sheet.line(1, top + 0.5, 1, top + 3, 0.2);
        sheet.line(0.2, top + 2, 1, top + 3, 0.2);
        sheet.line(1.8, top + 2, 1, top + 3, 0.2);
    }

    /** The curve from left to right, then back along the upper edge; where the tube misses, it is cut square at the longest point. */
    private static List<FlatPoint> outline(CopeResult cope, double least, double top) {
        int steps = cope.around().size();
        double length = cope.perimeter() * 1e3;
        List<FlatPoint> outline = new ArrayList<>();
        for (int k = 0; k <= steps; k++) {
            double x = k == steps ? length : cope.around().get(k) * 1e3;
            outline.add(new FlatPoint(x, cope.fit().get(k % steps).orElse(least / 1e3) * 1e3 - least));
        }
        outline.add(new FlatPoint(length, top));
        outline.add(new FlatPoint(0, top));
        return outline;
    }

    private static void quarters(Sheet sheet, double top, double length) throws IOException {
        for (int quarter = 0; quarter <= 4; quarter++) {
            double x = length * quarter / 4;
            sheet.dashed(x, 0, x, top, 0.1);
            if (quarter == 4) {
                sheet.textRight(x - 0.6, top - 3.2, 2.6, Fonts.Face.PLAIN, "0°");
            } else {
                sheet.text(x + 0.6, top - 3.2, 2.6, Fonts.Face.PLAIN, 90 * quarter + "°");
            }
        }
    }

    /** Where the paper is folded round a box tube. */
    private static void corners(Sheet sheet, RectTube box, double top, double length) throws IOException {
        double half = box.b() / 2 * 1e3;
        double high = box.h() * 1e3;
        double[] folds = {half, half + high, 3 * half + high, 3 * half + 2 * high};
        sheet.text(0.6, top - 3.2, 2.6, Fonts.Face.PLAIN, "0°");
        for (double fold : folds) {
            sheet.dashed(fold, 0, fold, top, 0.1);
            sheet.text(fold + 0.6, top - 3.2, 2.6, Fonts.Face.PLAIN, "fold");
        }
        sheet.dashed(0, 0, 0, top, 0.1);
        sheet.dashed(length, 0, length, top, 0.1);
    }

    private static void longPoint(Sheet sheet, CopeResult cope, double least) throws IOException {
        for (int k = 0; k < cope.fit().size(); k++) {
            if (cope.fit().get(k).isPresent() && cope.fit().get(k).getAsDouble() * 1e3 - least < 1e-6) {
                double x = cope.around().get(k) * 1e3;
                sheet.line(x, 0, x, 2.5, 0.5);
            }
        }
    }

    /** What two straight cuts of a saw would leave, as a dashed line. */
    private static void flatCuts(Sheet sheet, TubeEnd end, double least, double length) throws IOException {
        Optional<FlatCuts> flat = end.flatCuts();
        if (flat.isEmpty()) {
            return;
        }
        double radius = end.branch().orElseThrow().section().outerRadius();
        FlatPoint before = null;
        for (int k = 0; k <= 72; k++) {
            double phi = Math.toRadians(5.0 * k);
            double at = flat.get().cuts().stream()
                    .mapToDouble(cut -> cut.end(radius, phi))
                    .min()
                    .orElse(0);
            FlatPoint here = new FlatPoint(length * k / 72, at * 1e3 - least);
            if (before != null && k % 2 == 0) {
                sheet.line(before.x(), before.y(), here.x(), here.y(), 0.1);
            }
            before = here;
        }
    }
}
