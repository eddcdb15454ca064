package oddcradle.files.paper;

import java.io.IOException;

/** Two bars to hold a rule against before cutting: a printer that scales the page shows here. */
final class CalibrationBars {
    private static final double MILLIMETRES = 100;
    private static final double FOUR_INCHES = 4 * 25.4;

    private CalibrationBars() {}

    static void draw(Sheet sheet, double x, double y) throws IOException {
        bar(sheet, x, y + 8, MILLIMETRES, "100 mm");
        bar(sheet, x, y, FOUR_INCHES, "4 in");
        sheet.text(
                x + FOUR_INCHES + 14,
                y + 3,
                3.2,
                Fonts.Face.PLAIN,
                "Measure both bars. If they are off, print again at actual size, 100 %.");
    }

    private static void bar(Sheet sheet, double x, double y, double length, String label) throws IOException {
        sheet.line(x, y, x + length, y, 0.4);
        sheet.line(x, y - 1.5, x, y + 1.5, 0.4);
        sheet.line(x + length, y - 1.5, x + length, y + 1.5, 0.4);
        sheet.text(x + length + 2, y - 1, 3.2, Fonts.Face.PLAIN, label);
    }
}
