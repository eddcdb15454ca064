package oddcradle.files.paper;

/** Sheets a shop prints on, landscape, mm. */
public enum PaperSize {
    A4("A4", 297, 210),
    LETTER("Letter", 279.4, 215.9),
    A3("A3", 420, 297),
    TABLOID("Tabloid", 431.8, 279.4);

    private final String word;
    private final double width;
    private final double height;

    PaperSize(String word, double width, double height) {
        this.word = word;
        this.width = width;
        this.height = height;
    }

    public String word() {
        return word;
    }

    double width() {
        return width;
    }

    double height() {
        return height;
    }
}
