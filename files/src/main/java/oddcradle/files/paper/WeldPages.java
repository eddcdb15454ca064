package oddcradle.files.paper;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import oddcradle.core.examine.Examination;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;
import oddcradle.core.workshop.TestPiece;
import oddcradle.core.workshop.WeldMap;
import oddcradle.files.drawing.DrawnShape;
import oddcradle.files.drawing.JobDrawing;
import oddcradle.files.drawing.Role;
import oddcradle.files.drawing.Sight;

/** Every weld by its number in a picture, then how it is made. */
final class WeldPages {
    private WeldPages() {}

    static void add(Book book, Examination examination, WeldMap map) throws IOException {
        if (map.welds().isEmpty()) {
            return;
        }
        UnitStyle style = book.style();
        Sight sight = Sight.slanting();
        List<DrawnShape> shapes = JobDrawing.shapes(
                JobDrawing.solids(examination).stream()
                        .filter(solid -> solid.role() == Role.CRADLE_TUBE)
                        .toList(),
                sight);
        if (!shapes.isEmpty()) {
            try (Sheet sheet = book.page(
                    "Weld map",
                    "Weld in the order of the numbers: from the middle out, each next on the side that pulls the other way. Eyes, lungs, fire: the usual"
                            + " care.")) {
                Picture picture = Picture.fitted(
                        shapes, sight, Book.MARGIN + 30, book.bottom() + 8, book.room() - 60, book.roomUpright() - 16);
                picture.draw(sheet, shapes);
                Balloons.draw(
                        sheet,
                        picture,
                        map.welds().stream()
                                .map(weld -> new Balloons.Marked(weld.mark(), weld.at()))
                                .toList(),
                        Book.MARGIN + 8,
                        Book.MARGIN + book.room() - 8,
                        book.bottom(),
                        book.bottom() + book.roomUpright());
            }
        }
        List<List<String>> rows = new ArrayList<>();
        for (WeldMap.Weld weld : map.welds()) {
            rows.add(List.of(
                    weld.mark(),
                    weld.what(),
                    style.show(Quantity.length(weld.length())),
                    style.show(Quantity.length(weld.leg())),
                    weld.way().process(),
                    weld.way().filler() + ", "
                            + style.show(Quantity.length(weld.way().size())),
                    weld.way().preheat() > 0 ? Math.round(weld.way().preheat()) + " °C" : "none",
                    style.show(Quantity.length(weld.pull()))));
        }
        TablePages.Table welds = new TablePages.Table(
                "In this order",
                List.of(
                        new TablePages.Column("weld", 16),
                        new TablePages.Column("what on what", 62),
                        new TablePages.Column("seam", 24),
                        new TablePages.Column("leg", 20),
                        new TablePages.Column("process", 38),
                        new TablePages.Column("filler, size", 56),
                        new TablePages.Column("preheat", 20),
                        new TablePages.Column("pulls by", 22)),
                rows);
        TablePages.add(
                book,
                "Welds",
                "Tack on opposite sides first. Processes and fillers are common practice; their maker's data and a qualified welder go before. Preheat"
                        + " and pull are from memory.",
                List.of(testPieces(map, style), welds));
    }

    private static TablePages.Table testPieces(WeldMap map, UnitStyle style) {
        return new TablePages.Table(
                "Test pieces first: nothing is welded before they are broken",
                List.of(
                        new TablePages.Column("piece", 14),
                        new TablePages.Column("for", 34),
                        new TablePages.Column("weld", 95),
                        new TablePages.Column("then", 115)),
                TestPiece.of(map).stream()
                        .map(piece -> List.of(
                                piece.mark(),
                                String.join(" ", piece.welds()),
                                piece.make().in(style),
                                piece.look().in(style)))
                        .toList());
    }
}
