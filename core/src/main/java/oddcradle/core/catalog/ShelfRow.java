package oddcradle.core.catalog;

import java.util.List;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.units.Kind;

/**
 * One thing on a shelf.
 *
 * @param sizes SI, in the order of the shelf's columns
 * @param source of the figures
 * @param own whether the user wrote it down
 */
public record ShelfRow(Shelf shelf, String name, List<Double> sizes, String source, boolean own) {
    private static final int LONGEST_NAME = 80;

    /**
     * @throws InvalidValue naming the size that is missing, not positive, or at odds with another of the row
     */
    public ShelfRow {
        Guard.named("name", name);
        Guard.within("name", name.length(), 1, LONGEST_NAME, "letters");
        Guard.named("source", source);
        sizes = List.copyOf(sizes);
        if (sizes.size() != shelf.columns().size()) {
            throw new InvalidValue(
                    "sizes",
                    "are " + sizes.size() + ", a row of " + shelf.words() + " has "
                            + shelf.columns().size());
        }
        for (int k = 0; k < sizes.size(); k++) {
            Shelf.Column column = shelf.columns().get(k);
            Guard.positive(column.words(), sizes.get(k), column.kind().siUnit());
            if (column.kind() == Kind.COUNT && sizes.get(k) != Math.rint(sizes.get(k))) {
                throw new InvalidValue(column.words(), "is " + sizes.get(k) + ", must be a whole number");
            }
        }
        requireLess(shelf, sizes, "bore", "outside");
        requireLess(shelf, sizes, "bore", "diameter");
        requireLess(shelf, sizes, "from", "to");
        requireLess(shelf, sizes, "depth", "width");
        requireLess(shelf, sizes, "pitch", "diameter");
        requireLess(shelf, sizes, "inner", "outer");
        requireRoom(shelf, sizes);
    }

    /** What is in a vessel has room in its outside. */
    private static void requireRoom(Shelf shelf, List<Double> sizes) {
        if (shelf == Shelf.VESSELS) {
            double outside = 1000 * sizes.get(1) * sizes.get(2) * sizes.get(3);
            if (sizes.get(0) >= outside) {
                throw new InvalidValue(
                        "litres",
                        "is " + sizes.get(0) + ", must be less than its outside has, " + outside
                                + "; the row contradicts itself");
            }
        }
    }

    private static void requireLess(Shelf shelf, List<Double> sizes, String less, String more) {
        int small = shelf.column(less);
        int large = shelf.column(more);
        if (small >= 0 && large >= 0 && sizes.get(small) >= sizes.get(large)) {
            throw new InvalidValue(
                    less,
                    "is " + sizes.get(small) + " m, must be less than " + more + ", " + sizes.get(large)
                            + " m; the row contradicts itself");
        }
    }
}
