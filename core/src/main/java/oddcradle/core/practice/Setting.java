package oddcradle.core.practice;

import java.util.List;
import oddcradle.core.math.Amount;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.units.Kind;

/**
 * Something the learner sets on the machine or writes down.
 *
 * @param words as it is asked for
 * @param kind of its number
 * @param start as it stands in the beginning, SI
 * @param least SI
 * @param most SI
 * @param step of a length, m; 0 where any value goes
 * @param choices one is picked, its number counting from 0 is the value; empty where a number is typed
 * @param moves whether the machine is loosened and moved by it
 */
public record Setting(
        String key,
        String words,
        Kind kind,
        double start,
        double least,
        double most,
        double step,
        List<String> choices,
        boolean moves) {
    /** Of a step, by which a number may be off it. */
    private static final double ON_STEP = 1e-6;
    /** In 1 m; rounded to whole units of the reader a step of a twentieth would be none. */
    private static final double MILLIMETRES = 1e3;

    public Setting {
        choices = List.copyOf(choices);
    }

    static Setting written(String key, String words, Kind kind, double start, double least, double most) {
        return new Setting(key, words, kind, start, least, most, 0, List.of(), false);
    }

    static Setting moved(String key, String words, Kind kind, double least, double most, double step) {
        return new Setting(key, words, kind, 0, least, most, step, List.of(), true);
    }

    static Setting chosen(String key, String words, List<String> choices) {
        return new Setting(key, words, Kind.COUNT, 0, 0, choices.size() - 1.0, 0, choices, true);
    }

    /** @throws InvalidValue where it cannot be set so */
    double checked(double value) {
        if (!(value >= least && value <= most)) {
            throw new InvalidValue(
                    key, "is {}, must be between {} and {}", List.of(amount(value), amount(least), amount(most)));
        }
        if (step > 0 && Math.abs(value / step - Math.rint(value / step)) > ON_STEP) {
            throw new InvalidValue(
                    key, "must be made up of steps of {}", List.of(new Amount(step * MILLIMETRES, "mm")));
        }
        return value;
    }

    private Amount amount(double si) {
        return new Amount(si, kind.siUnit());
    }
}
