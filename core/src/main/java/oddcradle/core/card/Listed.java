package oddcradle.core.card;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import oddcradle.core.card.Field.Named;
import oddcradle.core.math.InvalidValue;

/** Small changes of a list, each a new list. */
final class Listed {
    private Listed() {}

    static <T> List<T> with(List<T> all, int at, T other) {
        List<T> changed = new ArrayList<>(all);
        changed.set(at, other);
        return changed;
    }

    static <T> List<T> plus(List<T> all, T one) {
        List<T> more = new ArrayList<>(all);
        more.add(one);
        return more;
    }

    static <T> List<T> without(List<T> all, int at) {
        List<T> fewer = new ArrayList<>(all);
        fewer.remove(at);
        return fewer;
    }

    static <T> List<Named> named(List<T> all, Function<T, String> id, Function<T, String> words) {
        return all.stream()
                .map(each -> new Named(id.apply(each), words.apply(each)))
                .toList();
    }

    /** The one row of a table that has no more. */
    static <T> T only(String name, List<T> rows) {
        if (rows.size() != 1) {
            throw new InvalidValue(name, "has " + rows.size() + " rows, must have one");
        }
        return rows.get(0);
    }

    /** For what has no id of its own: one that stays while its fields are changed. */
    static String number(int at) {
        return "no. " + (at + 1);
    }
}
