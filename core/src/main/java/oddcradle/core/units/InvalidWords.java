package oddcradle.core.units;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import oddcradle.core.math.Amount;
import oddcradle.core.math.InvalidValue;

/** A wrong value told to somebody at the window: in their units, without the path into the file. */
public final class InvalidWords {
    private static final Pattern INDEX = Pattern.compile("\\[(\\d+)]");
    /** Above this, in the reader's units, digits say nothing. */
    private static final double READABLE = 1e7;

    private InvalidWords() {}

    /** The whole sentence. */
    public static String of(InvalidValue invalid, UnitStyle style) {
        String subject = subject(invalid.field());
        return (subject.isEmpty() ? "" : subject + " ") + problem(invalid, style);
    }

    /** What is wrong, without what it is wrong with, for a field that bears its name. */
    public static String problem(InvalidValue invalid, UnitStyle style) {
        return invalid.problem(amount -> words(amount, style));
    }

    /** The last name of a path in plain words: {@code line.stages[1].driverTeeth} is "driver teeth". */
    static String subject(String path) {
        String last = path.substring(path.lastIndexOf('.') + 1);
        Matcher index = INDEX.matcher(last);
        StringBuilder text = new StringBuilder();
        while (index.find()) {
            // A place in a list counts from 1 for a reader.
            index.appendReplacement(text, " " + (Integer.parseInt(index.group(1)) + 1));
        }
        return index.appendTail(text)
                .toString()
                .replaceAll("(?<=[a-z0-9])(?=[A-Z])", " ")
                .toLowerCase(Locale.ROOT)
                .strip();
    }

    private static String words(Amount amount, UnitStyle style) {
        Optional<Quantity> quantity = kind(amount.unit()).map(kind -> new Quantity(amount.value(), kind));
        if (quantity.isEmpty() || !Double.isFinite(amount.value())) {
            return amount.toString();
        }
        String digits = style.digits(quantity.get());
        boolean small = digits.equals("0") && amount.value() != 0;
        if (small || Math.abs(Double.parseDouble(DecimalMark.used().read(digits))) > READABLE) {
            digits = String.format(Locale.ROOT, "%.1e", style.inUnits(quantity.get()));
        }
        return (digits + " " + style.unit(quantity.get())).strip();
    }

    /** Units that only one kind of quantity bears. */
    private static Optional<Kind> kind(String unit) {
        if (unit.equals("m/s")) {
            return Optional.of(Kind.SPEED);
        }
        return Arrays.stream(Kind.values())
                .filter(kind -> kind.siUnit().equals(unit))
                .findFirst();
    }
}
