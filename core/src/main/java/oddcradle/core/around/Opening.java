package oddcradle.core.around;

import java.util.List;
import oddcradle.core.math.Guard;

/**
 * The holes of a guard that a hand may reach through.
 *
 * <p>Source: ISO 13857, reach through regular openings, persons of 14 years and above; from memory, to be looked up before a guard is
 * made. Where children come near, its second table asks more.
 */
public enum Opening {
    SLOT("slots"),
    SQUARE("square holes"),
    ROUND("round holes");

    private final String word;

    Opening(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }

    /** Widest opening of each row and how far off the danger must be, m: slots, squares, rounds. */
    private record Row(double widest, double slot, double square, double round) {
        double of(Opening shape) {
            return shape == SLOT ? slot : shape == SQUARE ? square : round;
        }
    }

    private static final List<Row> ROWS = List.of(
            new Row(0.004, 0.002, 0.002, 0.002),
            new Row(0.006, 0.010, 0.005, 0.005),
            new Row(0.008, 0.020, 0.015, 0.005),
            new Row(0.010, 0.080, 0.025, 0.020),
            new Row(0.012, 0.100, 0.080, 0.080),
            new Row(0.020, 0.120, 0.120, 0.120),
            new Row(0.030, 0.850, 0.120, 0.120),
            new Row(0.040, 0.850, 0.200, 0.120),
            new Row(0.120, 0.850, 0.850, 0.850));

    /** A wider hole is a way in. */
    public static final double WIDEST = 0.120;

    /**
     * Least distance from the guard to what turns behind it, m.
     *
     * @param width of a slot, side of a square, diameter of a round hole, m; 0 for a closed sheet
     * @return infinite where the opening is wider than the table goes
     */
    public double reach(double width) {
        Guard.notNegative("width", width, "m");
        if (width == 0) {
            return 0;
        }
        return ROWS.stream()
                .filter(row -> width <= row.widest() + 1e-9)
                .mapToDouble(row -> row.of(this))
                .findFirst()
                .orElse(Double.POSITIVE_INFINITY);
    }
}
