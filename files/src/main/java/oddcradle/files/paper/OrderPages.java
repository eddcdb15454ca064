package oddcradle.files.paper;

import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Phrase;
import oddcradle.core.job.make.Pace;
import oddcradle.core.units.UnitStyle;
import oddcradle.core.workshop.BuildOrder;
import oddcradle.files.drawing.DrawnShape;
import oddcradle.files.drawing.JobDrawing;
import oddcradle.files.drawing.JobDrawing.PartSolid;
import oddcradle.files.drawing.Sight;

/** One step of the work after another, two on a page, each with what stands there by then and the check before the next. */
final class OrderPages {
    private static final double PICTURE = 0.34;
    private static final double HOUR = 3600;

    private OrderPages() {}

    static void add(Book book, Examination examination, BuildOrder order) throws IOException {
        List<PartSolid> solids = JobDrawing.solids(examination);
        Pace pace = examination.job().build().shop().pace();
        String under = String.format(
                Locale.ROOT,
                "%.0f hours by the shop's pace%s. A box is ticked when its check is true.",
                order.time() / HOUR,
                pace.hour() > 0 && !pace.currency().isEmpty()
                        ? String.format(Locale.ROOT, ", %.0f %s", order.time() / HOUR * pace.hour(), pace.currency())
                        : "");
        double half = book.roomUpright() / 2;
        for (int k = 0; k < order.tasks().size(); k += 2) {
            try (Sheet sheet = book.page("Build order", under)) {
                task(book, sheet, order, k, solids, book.bottom() + half, half - 4);
                if (k + 1 < order.tasks().size()) {
                    task(book, sheet, order, k + 1, solids, book.bottom(), half - 4);
                }
            }
        }
    }

    private static void task(
            Book book, Sheet sheet, BuildOrder order, int at, List<PartSolid> solids, double bottom, double tall)
            throws IOException {
        BuildOrder.Task task = order.tasks().get(at);
        UnitStyle style = book.style();
        double picture = book.room() * PICTURE;
        double text = Book.MARGIN + picture + 8;
        double room = book.room() - picture - 8;
        sheet.colour(Sheet.GRAPHITE);
        sheet.line(Book.MARGIN, bottom + tall + 1, Book.MARGIN + book.room(), bottom + tall + 1, 0.1);
        sheet.colour(Sheet.INK);
        double y = bottom + tall - 5;
        PlatePages.box(sheet, text, y - 0.6, 4, 4, 0.25);
        sheet.text(text + 7, y, 4.6, Fonts.Face.BOLD, (at + 1) + "  " + task.title());
        sheet.textRight(
                Book.MARGIN + book.room(),
                y,
                3.2,
                Fonts.Face.PLAIN,
                task.timeInWords()
                        + (task.waitsFor().isEmpty()
                                ? ""
                                : ", after "
                                        + task.waitsFor().stream()
                                                .map(String::valueOf)
                                                .collect(Collectors.joining(", "))));
        y -= 7;
        for (Phrase what : task.what()) {
            y = sheet.paragraph(text, y, room, 3.3, Fonts.Face.PLAIN, what.in(style)) - 0.5;
        }
        y -= 1;
        y = sheet.paragraph(
                        text,
                        y,
                        room,
                        3.3,
                        Fonts.Face.BOLD,
                        "Check: " + task.check().in(style))
                - 0.5;
        if (!task.parts().isEmpty()) {
            sheet.colour(Sheet.GRAPHITE);
            sheet.paragraph(text, y - 1, room, 3, Fonts.Face.PLAIN, "Takes: " + String.join(", ", task.parts()));
            sheet.colour(Sheet.INK);
        }
        List<DrawnShape> shapes = JobDrawing.shapes(
                solids.stream().filter(solid -> isShown(task, solid)).toList(), Sight.slanting());
        if (!shapes.isEmpty()) {
            Picture.fitted(shapes, Sight.slanting(), Book.MARGIN, bottom + 2, picture, tall - 6)
                    .draw(sheet, shapes);
        }
    }

    private static boolean isShown(BuildOrder.Task task, PartSolid solid) {
        return switch (solid.role()) {
            case HOST_TUBE -> true;
            case CRADLE_TUBE -> task.shown().contains(solid.part());
            case DONOR, HOT -> task.withDonor();
            default -> false;
        };
    }
}
