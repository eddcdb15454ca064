package oddcradle.core.math;

import java.util.List;
import java.util.function.Function;

/**
 * A value that cannot be worked with, and the field that carries it. The message is one sentence that begins with the
 * field's last name, says what the value is and what it must be.
 */
public final class InvalidValue extends IllegalArgumentException {
    private final String field;
    private final String pattern;
    private final List<Amount> amounts;

    /**
     * @param field dotted path of the field, outermost first, for example {@code mounts[2].k}
     * @param problem what is wrong with it and what it must be, a predicate without the subject
     */
    public InvalidValue(String field, String problem) {
        this(field, problem, List.of());
    }

    /**
     * @param pattern the problem, with {@code {}} where each amount stands
     * @param amounts in their order
     */
    public InvalidValue(String field, String pattern, List<Amount> amounts) {
        super(field + " " + told(pattern, amounts, Amount::toString));
        this.field = field;
        this.pattern = pattern;
        this.amounts = List.copyOf(amounts);
    }

    private static String told(String pattern, List<Amount> amounts, Function<Amount, String> words) {
        StringBuilder text = new StringBuilder();
        int from = 0;
        for (Amount amount : amounts) {
            int place = pattern.indexOf("{}", from);
            text.append(pattern, from, place).append(words.apply(amount));
            from = place + 2;
        }
        return text.append(pattern.substring(from)).toString();
    }

    public String field() {
        return field;
    }

    /** Numbers in SI, as the file has them. */
    public String problem() {
        return problem(Amount::toString);
    }

    /** @param words how a number is told, for example in the reader's units */
    public String problem(Function<Amount, String> words) {
        return told(pattern, amounts, words);
    }

    /** The same problem seen from one level further out. */
    public InvalidValue inside(String outer) {
        if (field.isEmpty()) {
            return new InvalidValue(outer, pattern, amounts);
        }
        return new InvalidValue(outer + (field.startsWith("[") ? "" : ".") + field, pattern, amounts);
    }
}
