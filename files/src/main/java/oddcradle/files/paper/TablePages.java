package oddcradle.files.paper;

import java.io.IOException;
import java.util.List;

/** A table over the whole width of the paper that goes on over as many pages as it needs. */
final class TablePages {
    private static final double SIZE = 3.4;
    private static final double LEADING = 1.35 * SIZE;
    private static final double GAP = 3;
    /** Less room than this begins no table. */
    private static final double SPACE = 30;

    private TablePages() {}

    /** @param share of the paper's width, of the sum of all columns' */
    record Column(String title, double share) {}

    /** One table of several under each other. */
    record Table(String title, List<Column> columns, List<List<String>> rows) {}

    static void add(Book book, String title, String under, List<Column> columns, List<List<String>> rows)
            throws IOException {
        add(book, title, under, List.of(new Table("", columns, rows)));
    }

    static void add(Book book, String title, String under, List<Table> tables) throws IOException {
        Sheet sheet = book.page(title, under);
        try {
            double y = book.top() - 2;
            for (Table table : tables) {
                List<Double> widths = widths(book, table.columns());
                if (y - SPACE < book.bottom()) {
                    sheet.close();
                    sheet = book.page(title, under);
                    y = book.top() - 2;
                }
                y = head(sheet, y, table, widths);
                for (List<String> cells : table.rows()) {
                    if (y - tall(sheet, widths, cells) < book.bottom()) {
                        sheet.close();
                        sheet = book.page(title, under);
                        y = head(sheet, book.top() - 2, table, widths);
                    }
                    y = row(sheet, y, widths, cells);
                }
                y -= LEADING;
            }
        } finally {
            sheet.close();
        }
    }

    private static List<Double> widths(Book book, List<Column> columns) {
        double all = columns.stream().mapToDouble(Column::share).sum();
        return columns.stream()
                .map(column -> column.share() / all * book.room())
                .toList();
    }

    private static double head(Sheet sheet, double top, Table table, List<Double> widths) throws IOException {
        double x = Book.MARGIN;
        double y = top;
        if (!table.title().isEmpty()) {
            sheet.text(x, y, 4.4, Fonts.Face.BOLD, table.title());
            y -= 7;
        }
        sheet.colour(Sheet.GRAPHITE);
        for (int k = 0; k < widths.size(); k++) {
            sheet.fitted(
                    x,
                    y,
                    widths.get(k) - GAP,
                    SIZE,
                    Fonts.Face.BOLD,
                    table.columns().get(k).title());
            x += widths.get(k);
        }
        sheet.line(Book.MARGIN, y - 2, sheet.width - Book.MARGIN, y - 2, 0.2);
        sheet.colour(Sheet.INK);
        return y - 7;
    }

    private static double tall(Sheet sheet, List<Double> widths, List<String> cells) throws IOException {
        int most = 1;
        for (int k = 0; k < widths.size(); k++) {
            most = Math.max(most, sheet.lines(widths.get(k) - GAP, SIZE, Fonts.Face.PLAIN, cells.get(k)));
        }
        return (most - 1) * LEADING;
    }

    private static double row(Sheet sheet, double y, List<Double> widths, List<String> cells) throws IOException {
        double x = Book.MARGIN;
        double below = y - LEADING;
        for (int k = 0; k < widths.size(); k++) {
            below = Math.min(below, sheet.paragraph(x, y, widths.get(k) - GAP, SIZE, Fonts.Face.PLAIN, cells.get(k)));
            x += widths.get(k);
        }
        return below - 1.2;
    }
}
