package oddcradle.files.paper;

/** Sheets a shop prints on, landscape, mm. */
public enum PaperSize {
    A4(297, 210),
    LETTER(279.4, 215.9);

    private final double width;
    private final double height;

    PaperSize(double width, double height) {
        this.width = width;
        this.height = height;
    }

    double width() {
        return width;
    }

    double height() {
        return height;
    }
}
