package oddcradle.files.paper;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import oddcradle.core.joint.Outline;
import oddcradle.core.shop.PlateNesting.Laid;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;
import oddcradle.core.workshop.PlatePart;
import oddcradle.core.workshop.PlatePlan;
import oddcradle.core.workshop.WorkshopPlan;
import oddcradle.files.drawing.FlatPoint;

/** Outlines of plates at true scale, one for each piece, and how they lie on the shop's sheets. */
final class PlatePages {
    private static final double TEXT = 17;
    private static final double NARROWEST = 58;
    private static final String TITLE = "Plates";

    private PlatePages() {}

    static void add(Book book, WorkshopPlan plan) throws IOException {
        List<Blocks.Block> blocks = new ArrayList<>();
        for (PlatePart part : plan.plates()) {
            for (int k = 0; k < part.count(); k++) {
                blocks.add(block(book.style(), part));
            }
        }
        Blocks.add(
                book,
                TITLE,
                "Glue it on the plate, centre-punch through the crosses, drill by the drill plan, cut to the line. The straight foot of a tab is"
                        + " welded to its tube.",
                blocks);
        if (plan.sheets().isPresent() && !plan.sheets().get().sheets().isEmpty()) {
            sheets(book, plan);
        }
    }

    private static Blocks.Block block(UnitStyle style, PlatePart part) {
        double wide = Math.max(part.width() * 1e3, NARROWEST);
        double tall = part.height() * 1e3 + TEXT;
        return new Blocks.Block(wide, tall, sheet -> {
            sheet.fitted(0, tall - 4.2, wide, 4.4, Fonts.Face.BOLD, part.mark());
            sheet.fitted(0, tall - 8.6, wide, 2.9, Fonts.Face.PLAIN, part.what());
            sheet.fitted(
                    0,
                    tall - 12.4,
                    wide,
                    2.9,
                    Fonts.Face.PLAIN,
                    style.show(Quantity.length(part.thickness())) + " " + part.material() + holes(style, part));
            sheet.at(-part.left() * 1e3, -part.bottom() * 1e3, on -> outline(on, part.outline()));
        });
    }

    private static String holes(UnitStyle style, PlatePart part) {
        List<String> holes = part.outline().holes().stream()
                .map(hole -> style.show(Quantity.length(hole.diameter())))
                .distinct()
                .toList();
        return holes.isEmpty() ? "" : ", hole " + String.join(", ", holes);
    }

    private static void outline(Sheet sheet, Outline outline) throws IOException {
        sheet.polyline(
                outline.edge().stream()
                        .map(point -> new FlatPoint(point.x() * 1e3, point.y() * 1e3))
                        .toList(),
                true,
                0.25);
        for (Outline.Hole hole : outline.holes()) {
            double x = hole.x() * 1e3;
            double y = hole.y() * 1e3;
            double arm = hole.diameter() * 500 + 3;
            sheet.circle(x, y, hole.diameter() * 1e3, 0.25);
            sheet.line(x - arm, y, x + arm, y, 0.12);
            sheet.line(x, y - arm, x, y + arm, 0.12);
        }
    }

    private static void sheets(Book book, WorkshopPlan plan) throws IOException {
        List<Blocks.Block> blocks = new ArrayList<>();
        for (PlatePlan.CutSheet cut : plan.sheets().orElseThrow().sheets()) {
            double scale = Math.min(
                    (book.room() - 10) / 2 / cut.stock().length(),
                    (book.roomUpright() / 2 - 14) / cut.stock().width());
            double wide = Math.max(NARROWEST, cut.stock().length() * scale);
            double tall = cut.stock().width() * scale + 8;
            blocks.add(new Blocks.Block(wide, tall, sheet -> nested(book.style(), sheet, cut, scale, plan.plates())));
        }
        Blocks.add(
                book,
                "Plates on their sheets",
                "Not to scale. Parts lie a kerf apart; what is left over goes back on the rack.",
                blocks);
    }

    private static void nested(
            UnitStyle style, Sheet sheet, PlatePlan.CutSheet cut, double scale, List<PlatePart> parts)
            throws IOException {
        double width = cut.stock().length() * scale;
        double height = cut.stock().width() * scale;
        sheet.text(
                0,
                height + 2,
                3.2,
                Fonts.Face.BOLD,
                cut.stock().mark() + ", "
                        + style.show(Quantity.length(cut.stock().length())) + " x "
                        + style.show(Quantity.length(cut.stock().width())));
        box(sheet, 0, 0, width, height, 0.3);
        for (Laid laid : cut.places()) {
            PlatePart part = parts.stream()
                    .filter(each -> laid.id().equals(each.mark()) || laid.id().startsWith(each.mark() + " "))
                    .findFirst()
                    .orElseThrow();
            double w = (laid.turned() ? part.height() : part.width()) * scale;
            double h = (laid.turned() ? part.width() : part.height()) * scale;
            box(sheet, laid.x() * scale, laid.y() * scale, w, h, 0.15);
            sheet.fitted(laid.x() * scale + 0.8, laid.y() * scale + h / 2 - 1, w - 1, 2.6, Fonts.Face.PLAIN, laid.id());
        }
    }

    static void box(Sheet sheet, double x, double y, double width, double height, double line) throws IOException {
        sheet.polyline(
                List.of(
                        new FlatPoint(x, y),
                        new FlatPoint(x + width, y),
                        new FlatPoint(x + width, y + height),
                        new FlatPoint(x, y + height)),
                true,
                line);
    }
}
