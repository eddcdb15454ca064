package oddcradle.core.finding;

import java.util.List;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;

/**
 * The answer to "why?": the formula in the field's letters, what each letter was, and the source.
 *
 * @param formula one line, for example {@code d = (c2 - c1) · a1}
 * @param inputs what went in, in the order of the formula
 * @param source of the formula or of the limit
 */
public record Why(String formula, List<Input> inputs, Source source) {
    /** One letter of a formula and its value. */
    public record Input(String name, Quantity quantity) {}

    public Why {
        inputs = List.copyOf(inputs);
    }

    public static Input input(String name, Quantity quantity) {
        return new Input(name, quantity);
    }

    /** Formula, then the numbers in it, on one line. */
    public String withNumbers(UnitStyle style) {
        StringBuilder text = new StringBuilder(formula);
        String joint = "; ";
        for (Input input : inputs) {
            text.append(joint).append(input.name()).append(" = ").append(style.show(input.quantity()));
            joint = ", ";
        }
        return text.toString();
    }
}
