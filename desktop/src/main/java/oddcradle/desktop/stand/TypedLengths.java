package oddcradle.desktop.stand;

import java.util.OptionalDouble;
import java.util.regex.Pattern;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.Entry;
import oddcradle.core.units.Kind;
import oddcradle.core.units.UnitStyle;

/** Lengths that are typed while a hand pulls, apart by spaces; they stand over what the hand makes. */
final class TypedLengths {
    /** What a length is typed with: digits, fractions and units. */
    private static final Pattern LENGTH = Pattern.compile("[0-9a-z.,/\" -]");

    private String typed = "";

    void clear() {
        typed = "";
    }

    boolean isEmpty() {
        return typed.isEmpty();
    }

    /** @param letter one character; a backspace takes the last one back */
    void type(String letter) {
        typed = letter.equals("\b")
                ? typed.substring(0, Math.max(0, typed.length() - 1))
                : LENGTH.matcher(letter).matches() ? typed + letter : typed;
    }

    /** All of it as one length, m; none while it is no length yet. */
    OptionalDouble one(UnitStyle units) {
        return length(typed, units);
    }

    /** Forward, left and up as far as they are typed, the rest of it where the hand is. */
    Vec3 over(Vec3 hand, UnitStyle units) {
        String[] words = typed.strip().split("\\s+");
        double[] place = {hand.x(), hand.y(), hand.z()};
        for (int k = 0; k < Math.min(words.length, place.length); k++) {
            place[k] = length(words[k], units).orElse(place[k]);
        }
        return new Vec3(place[0], place[1], place[2]);
    }

    private static OptionalDouble length(String words, UnitStyle units) {
        try {
            return words.isBlank()
                    ? OptionalDouble.empty()
                    : OptionalDouble.of(Entry.read(words, Kind.LENGTH, units).si());
        } catch (InvalidValue halfTyped) {
            return OptionalDouble.empty();
        }
    }
}
