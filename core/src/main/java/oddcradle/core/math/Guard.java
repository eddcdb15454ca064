package oddcradle.core.math;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;

/** Small checks for values that enter the core; each failure names the value, what it was and what it must be. */
public final class Guard {
    private static final double LARGEST_PART = 100;
    private static final double SMALLEST_PART = 1e-6;

    private Guard() {}

    /** @throws InvalidValue if {@code value} is NaN or infinite */
    public static double finite(String field, double value) {
        if (!Double.isFinite(value)) {
            throw new InvalidValue(field, "is " + value + ", must be a finite number");
        }
        return value;
    }

    /** @throws InvalidValue unless {@code value} is finite and greater than zero */
    public static double positive(String field, double value, String unit) {
        finite(field, value);
        if (value <= 0) {
            throw new InvalidValue(field, "is {}, must be greater than 0", List.of(new Amount(value, unit)));
        }
        return value;
    }

    /** @throws InvalidValue unless {@code value} is the size of a part in m: at least {@value #SMALLEST_PART}, at most {@value #LARGEST_PART} */
    public static double size(String field, double value) {
        positive(field, value, "m");
        return within(field, value, SMALLEST_PART, LARGEST_PART, "m");
    }

    /** @throws InvalidValue unless {@code value} is finite and zero or more */
    public static double notNegative(String field, double value, String unit) {
        finite(field, value);
        if (value < 0) {
            throw new InvalidValue(field, "is {}, must be 0 or more", List.of(new Amount(value, unit)));
        }
        return value;
    }

    /** @throws InvalidValue unless {@code low <= value <= high} */
    public static double within(String field, double value, double low, double high, String unit) {
        finite(field, value);
        if (value < low || value > high) {
            throw new InvalidValue(
                    field,
                    "is {}, must lie between {} and {}",
                    List.of(new Amount(value, unit), new Amount(low, unit), new Amount(high, unit)));
        }
        return value;
    }

    /** @throws InvalidValue if {@code text} is null or blank */
    public static String named(String field, String text) {
        if (text == null || text.isBlank()) {
            throw new InvalidValue(field, "is empty, must be a name");
        }
        return text;
    }

    /** @throws InvalidValue if {@code value} is null */
    public static <T> T present(String field, T value) {
        if (value == null) {
            throw new InvalidValue(field, "is missing");
        }
        return value;
    }

    /**
     * A list of its own; an empty one for null.
     *
     * @throws InvalidValue if it has more than {@code most} entries
     */
    public static <T> List<T> list(String field, List<T> given, int most) {
        List<T> copied = given == null ? List.of() : List.copyOf(given);
        within(field, copied.size(), 0, most, "entries");
        return copied;
    }

    /** @throws InvalidValue if two have one name, naming the later */
    public static <T> void different(String field, String name, List<T> all, Function<T, String> by) {
        Set<String> known = new HashSet<>();
        for (int k = 0; k < all.size(); k++) {
            if (!known.add(by.apply(all.get(k)))) {
                throw new InvalidValue(
                        field + "[" + k + "]." + name, "repeats \"" + by.apply(all.get(k)) + "\", they must differ");
            }
        }
    }
}
