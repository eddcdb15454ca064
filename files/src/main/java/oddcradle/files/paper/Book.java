package oddcradle.files.paper;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import oddcradle.core.job.make.Tools.Printed;
import oddcradle.core.units.UnitStyle;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.destination.PDPageFitDestination;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDDocumentOutline;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineItem;

/** The pages of one packet: all of one paper, corrected for one printer, each with a head, a bar to measure and its number. */
final class Book implements AutoCloseable {
    static final double MARGIN = 15;
    /** What is left free at the foot for the bar and the number. */
    private static final double FOOT = 17;

    private static final double HEAD = 24;
    /** How far neighbouring tiles lie over each other. */
    private static final double OVERLAP = 10;

    private final PDDocument document = new PDDocument();
    private final PDDocumentOutline outline = new PDDocumentOutline();
    private final Fonts fonts;
    private final String job;
    private final PaperSize paper;
    private final UnitStyle style;
    private final Printed printed;
    private String bookmarked = "";

    Book(String job, PaperSize paper, UnitStyle style, Printed printed) throws IOException {
        this.job = job;
        this.paper = paper;
        this.style = style;
        this.printed = printed;
        this.fonts = new Fonts(document);
        document.getDocumentCatalog().setDocumentOutline(outline);
    }

    UnitStyle style() {
        return style;
    }

    /** Room between the margins, mm. */
    double room() {
        return paper.width() - 2 * MARGIN;
    }

    /** Room between head and foot, mm. */
    double roomUpright() {
        return paper.height() - FOOT - HEAD - 8;
    }

    double bottom() {
        return FOOT + 2;
    }

    double top() {
        return paper.height() - HEAD - 6;
    }

    /** @param under a line in small type; may be empty */
    Sheet page(String title, String under) throws IOException {
        Sheet sheet = new Sheet(document, fonts, paper.width(), paper.height(), printed);
        if (!title.equals(bookmarked)) {
            PDOutlineItem item = new PDOutlineItem();
            item.setTitle(title);
            PDPageFitDestination there = new PDPageFitDestination();
            there.setPage(document.getPage(document.getNumberOfPages() - 1));
            item.setDestination(there);
            outline.addLast(item);
            bookmarked = title;
        }
        sheet.text(MARGIN, sheet.height - 16, 6.5, Fonts.Face.BOLD, title);
        sheet.colour(Sheet.GRAPHITE);
        sheet.textRight(sheet.width - MARGIN, sheet.height - 16, 3.4, Fonts.Face.PLAIN, job);
        sheet.fitted(MARGIN, sheet.height - 22.5, room(), 3.2, Fonts.Face.PLAIN, under);
        sheet.colour(Sheet.INK);
        foot(sheet);
        return sheet;
    }

    /** A bar to hold a rule against: a printer that scales the page shows here. */
    private void foot(Sheet sheet) throws IOException {
        bar(sheet, MARGIN, 8.5, 100, "100 mm");
        bar(sheet, MARGIN + 125, 8.5, 4 * 25.4, "4 in");
        sheet.textRight(sheet.width - MARGIN, 7.3, 3.2, Fonts.Face.PLAIN, "page " + document.getNumberOfPages());
    }

    static void bar(Sheet sheet, double x, double y, double length, String label) throws IOException {
        sheet.line(x, y, x + length, y, 0.3);
        sheet.line(x, y - 1.5, x, y + 1.5, 0.3);
        sheet.line(x + length, y - 1.5, x + length, y + 1.5, 0.3);
        sheet.text(x + length + 2, y - 1.1, 3.2, Fonts.Face.PLAIN, label);
    }

    /** What is drawn from its lower left corner, mm. */
    interface Drawing {
        void on(Sheet sheet) throws IOException;
    }

    /** Something larger than the paper, at true scale over as many sheets as it takes, with crosses to lay them on each other by. */
    void tiled(String title, String under, double width, double height, Drawing drawing) throws IOException {
        double across = room() - OVERLAP;
        double upright = roomUpright() - OVERLAP;
        int columns = Math.max(1, (int) Math.ceil((width - OVERLAP) / across));
        int rows = Math.max(1, (int) Math.ceil((height - OVERLAP) / upright));
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                String place = columns * rows == 1
                        ? under
                        : under + " · sheet " + (row * columns + column + 1) + " of " + columns * rows + ", row "
                                + (row + 1) + " from below, column " + (column + 1);
                try (Sheet sheet = page(title, place)) {
                    if (columns * rows > 1) {
                        crosses(sheet);
                    }
                    sheet.window(MARGIN, bottom(), room(), roomUpright(), column * across, row * upright);
                    drawing.on(sheet);
                }
            }
        }
    }

    /** In the middle of each overlap, so that two sheets show the same cross. */
    private void crosses(Sheet sheet) throws IOException {
        double near = OVERLAP / 2;
        double[] xs = {MARGIN + near, MARGIN + room() - near};
        double[] ys = {bottom() + near, bottom() + roomUpright() - near};
        for (double x : xs) {
            for (double y : ys) {
                sheet.line(x - 4, y, x + 4, y, 0.15);
                sheet.line(x, y - 4, x, y + 4, 0.15);
            }
        }
    }

    byte[] bytes() throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        document.save(bytes);
        return bytes.toByteArray();
    }

    @Override
    public void close() throws IOException {
        document.close();
    }
}
