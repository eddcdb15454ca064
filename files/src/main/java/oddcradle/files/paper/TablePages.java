package oddcradle.files.paper;

import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;

/** A table that goes on over as many pages as it needs. */
final class TablePages {
    private static final double MARGIN = 15;
    private static final double SIZE = 3.4;
    private static final double LEADING = 1.35 * SIZE;

    private TablePages() {}

    /** @param columns title and width in mm of each column */
    record Column(String title, double width) {}

    static void add(
            PDDocument document,
            Fonts fonts,
            PaperSize paper,
            String title,
            String under,
            List<Column> columns,
            List<List<String>> rows)
            throws IOException {
        int row = 0;
        do {
            try (Sheet sheet = new Sheet(document, fonts, paper.width(), paper.height())) {
                double y = head(sheet, title, under, columns);
                do {
                    if (row < rows.size()) {
                        y = row(sheet, y, columns, rows.get(row++));
                    }
                } while (row < rows.size() && y > 22);
            }
        } while (row < rows.size());
    }

    private static double head(Sheet sheet, String title, String under, List<Column> columns) throws IOException {
        sheet.text(MARGIN, sheet.height - 17, 7, Fonts.Face.BOLD, title);
        sheet.colour(Sheet.GRAPHITE);
        sheet.text(MARGIN, sheet.height - 24, SIZE, Fonts.Face.PLAIN, under);
        double x = MARGIN;
        double y = sheet.height - 34;
        for (Column column : columns) {
            sheet.text(x, y, SIZE, Fonts.Face.BOLD, column.title());
            x += column.width();
        }
        sheet.line(MARGIN, y - 2, sheet.width - MARGIN, y - 2, 0.2);
        sheet.colour(Sheet.INK);
        return y - 8;
    }

    private static double row(Sheet sheet, double y, List<Column> columns, List<String> cells) throws IOException {
        double x = MARGIN;
        double below = y - LEADING;
        for (int k = 0; k < columns.size(); k++) {
            double width = columns.get(k).width();
            below = Math.min(below, sheet.paragraph(x, y, width - 3, SIZE, Fonts.Face.PLAIN, cells.get(k)));
            x += width;
        }
        return below - 1.2;
    }
}
