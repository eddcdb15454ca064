package oddcradle.core.finding;

import java.util.List;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.Shown;
import oddcradle.core.units.UnitStyle;

/**
 * A sentence whose numbers stay numbers until somebody reads it in the units of their choice.
 *
 * @param pattern the sentence with {@code {}} where each argument goes
 * @param arguments {@link Quantity} values, what is {@link Shown} in units, or text, as many as there are places
 */
public record Phrase(String pattern, List<Object> arguments) {
    public Phrase {
        arguments = List.copyOf(arguments);
    }

    public static Phrase of(String pattern, Object... arguments) {
        return new Phrase(pattern, List.of(arguments));
    }

    public String in(UnitStyle style) {
        StringBuilder text = new StringBuilder();
        int from = 0;
        for (Object argument : arguments) {
            int place = pattern.indexOf("{}", from);
            text.append(pattern, from, place);
            text.append(
                    argument instanceof Quantity quantity
                            ? style.show(quantity)
                            : argument instanceof Shown shown ? shown.in(style) : argument.toString());
            from = place + 2;
        }
        return text.append(pattern.substring(from)).toString();
    }
}
