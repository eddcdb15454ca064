package oddcradle.files.paper;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.make.Shop;
import oddcradle.core.step.make.CutTube;
import oddcradle.core.step.make.TubeEnd;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;
import oddcradle.core.workshop.CutPlan;
import oddcradle.core.workshop.WorkshopPlan;

/** Bars as they are sawn, then every tube with its lengths and ends. */
final class BarPages {
    private static final double STRIP = 21;
    private static final double BAR = 8;

    private BarPages() {}

    static void add(Book book, Examination examination, WorkshopPlan plan) throws IOException {
        if (plan.cuts().isPresent() && !plan.cuts().get().bars().isEmpty()) {
            List<Blocks.Block> strips = new ArrayList<>();
            for (CutPlan.CutBar bar : plan.cuts().get().bars()) {
                strips.add(new Blocks.Block(book.room(), STRIP, sheet -> strip(book, sheet, bar)));
            }
            double allowance = examination.job().build().shop().tools().allowance();
            Blocks.add(
                    book,
                    "Bars",
                    "Sawn from the left, not to scale; each mark goes on its tube at once."
                            + (allowance > 0
                                    ? " Lengths are sawn: finished and "
                                            + book.style().show(Quantity.length(allowance))
                                            + " longer at each end."
                                    : " Lengths are finished; add what you fit down."),
                    strips);
        }
        list(book, examination);
    }

    private static void strip(Book book, Sheet sheet, CutPlan.CutBar bar) throws IOException {
        UnitStyle style = book.style();
        double scale = book.room() / bar.stock().length();
        sheet.fitted(
                0,
                STRIP - 4,
                book.room(),
                3.4,
                Fonts.Face.BOLD,
                bar.stock().section().in(style)
                        + (bar.stock().material().isEmpty()
                                ? ""
                                : ", " + bar.stock().material())
                        + ", " + (bar.ordered() ? "bar of " : bar.stock().mark() + ", ")
                        + style.show(Quantity.length(bar.stock().length()))
                        + (bar.isKept()
                                ? ", off-cut of " + style.show(Quantity.length(bar.left()))
                                : ", " + style.show(Quantity.length(bar.left())) + " of scrap"));
        double y = STRIP - 6 - BAR;
        PlatePages.box(sheet, 0, y, book.room(), BAR, 0.2);
        for (CutPlan.Piece piece : bar.pieces()) {
            double x = piece.from() * scale;
            double wide = piece.length() * scale;
            PlatePages.box(sheet, x, y, wide, BAR, 0.35);
            sheet.ifItFits(x + 0.8, y + 4.6, wide - 1, 2.9, Fonts.Face.BOLD, piece.tube());
            sheet.ifItFits(
                    x + 0.8, y + 1.2, wide - 1, 2.5, Fonts.Face.PLAIN, style.show(Quantity.length(piece.length())));
        }
    }

    private static void list(Book book, Examination examination) throws IOException {
        UnitStyle style = book.style();
        Shop shop = examination.job().build().shop();
        List<List<String>> rows = new ArrayList<>();
        for (CutTube tube : examination.cutList()) {
            rows.add(List.of(
                    tube.tube().id(),
                    tube.tube().label(),
                    tube.tube().section().in(style),
                    tube.tube().material(),
                    style.show(Quantity.length(CutPlan.sawn(tube, shop))),
                    style.show(Quantity.length(tube.cutLength()))
                            + (tube.bends().isPresent() ? " before it is bent" : ""),
                    end(tube.first(), style),
                    end(tube.last(), style),
                    style.show(Quantity.mass(tube.mass()))));
        }
        TablePages.add(
                book,
                "Cut list",
                "Finished lengths are over the longest points, copes cut; of a bent tube straight. Kerf is not in them.",
                List.of(
                        new TablePages.Column("tube", 13),
                        new TablePages.Column("what", 36),
                        new TablePages.Column("section", 34),
                        new TablePages.Column("material", 36),
                        new TablePages.Column("sawn", 24),
                        new TablePages.Column("finished", 26),
                        new TablePages.Column("first end", 42),
                        new TablePages.Column("last end", 42),
                        new TablePages.Column("mass", 18)),
                rows);
    }

    private static String end(TubeEnd end, UnitStyle style) {
        if (end.cope().isPresent()) {
            return end.node() + ": coped to " + String.join(", ", end.landsOn());
        }
        if (end.bolted()) {
            return end.node() + ": square, bolted; what its ear takes comes off";
        }
        return end.extension() > 0
                ? end.node() + ": square, runs on " + style.show(Quantity.length(end.extension()))
                : end.node() + ": square";
    }
}
