package oddcradle.files.paper;

import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;
import oddcradle.core.workshop.JigPlan;

/** The dummy of the donor: its plate from above with its legs, their lengths, and what a tape reads between the holes. */
final class JigPage {
    private static final String TITLE = "Dummy of the donor";

    private JigPage() {}

    static void add(Book book, JigPlan jig) throws IOException {
        UnitStyle style = book.style();
        try (Sheet sheet = book.page(
                TITLE,
                "A flat plate " + style.show(Quantity.length(jig.above()))
                        + " above the datum with a leg down to each boss. Its measures rule; the picture is not to scale.")) {
            double wide = book.room() * 0.55;
            double tall = book.roomUpright() - 10;
            double scale = Math.min(wide / jig.length() / 1.1, tall / jig.width() / 1.1);
            // Front to the left, as the machine is drawn from its left.
            double right = Book.MARGIN + 6 + jig.length() * scale;
            double bottom = book.bottom() + 6;
            PlatePages.box(
                    sheet, right - jig.length() * scale, bottom, jig.length() * scale, jig.width() * scale, 0.35);
            Map<String, String> marks = marks(jig);
            for (JigPlan.Leg leg : jig.legs()) {
                double x = right - leg.forward() * scale;
                double y = bottom + leg.left() * scale;
                String mark = marks.getOrDefault(place(leg), "");
                marks.remove(place(leg));
                sheet.circle(x, y, 4, 0.25);
                sheet.line(x - 4, y, x + 4, y, 0.12);
                sheet.line(x, y - 4, x, y + 4, 0.12);
                sheet.text(x + 2.6, y + 2, 3.2, Fonts.Face.BOLD, mark);
            }
            sheet.colour(Sheet.GRAPHITE);
            sheet.text(
                    right - jig.length() * scale,
                    bottom + jig.width() * scale + 2,
                    3.2,
                    Fonts.Face.PLAIN,
                    "seen from below, front to the left: " + style.show(Quantity.length(jig.length())) + " long, "
                            + style.show(Quantity.length(jig.width())) + " wide");
            sheet.colour(Sheet.INK);
        }
        List<TablePages.Table> tables = new ArrayList<>();
        tables.add(new TablePages.Table(
                "Legs",
                List.of(
                        new TablePages.Column("leg", 24),
                        new TablePages.Column("forward of the rear edge", 42),
                        new TablePages.Column("from the right edge", 42),
                        new TablePages.Column("down to", 60),
                        new TablePages.Column("hole", 28)),
                jig.legs().stream()
                        .map(leg -> List.of(
                                leg.mark(),
                                style.show(Quantity.length(leg.forward())),
                                style.show(Quantity.length(leg.left())),
                                style.show(Quantity.length(leg.length()))
                                        + (leg.upright() ? ", the lug's face" : ", middle of the hole"),
                                leg.hole() > 0
                                        ? style.show(Quantity.length(leg.hole()))
                                        : "a rod on the shaft's middle"))
                        .toList()));
        if (!jig.checks().isEmpty()) {
            tables.add(new TablePages.Table(
                    "Between the holes, for dummy and cradle alike: by tape, by string or laser, by water level",
                    List.of(
                            new TablePages.Column("from", 30),
                            new TablePages.Column("to", 30),
                            new TablePages.Column("straight", 40),
                            new TablePages.Column("level", 40),
                            new TablePages.Column("the second is higher by", 50)),
                    jig.checks().stream()
                            .map(check -> List.of(
                                    check.one(),
                                    check.other(),
                                    style.show(Quantity.length(check.straight())),
                                    style.show(Quantity.length(check.level())),
                                    style.show(Quantity.length(check.higher()))))
                            .toList()));
        }
        TablePages.add(
                book,
                TITLE,
                "From the plate's rear and right edge to the middle of each leg; lengths from its underside. Check the diagonals before it is used.",
                tables);
    }

    /** Legs that stand on one spot share a mark. */
    private static Map<String, String> marks(JigPlan jig) {
        Map<String, String> marks = new HashMap<>();
        jig.legs().forEach(leg -> marks.merge(place(leg), leg.mark(), (one, other) -> one + ", " + other));
        return marks;
    }

    private static String place(JigPlan.Leg leg) {
        return Math.round(leg.forward() * 100) + " " + Math.round(leg.left() * 100);
    }
}
