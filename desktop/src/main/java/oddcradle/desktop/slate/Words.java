package oddcradle.desktop.slate;

import java.util.List;
import java.util.function.Function;
import javafx.util.StringConverter;

/** Shows the values of a choice by their words. */
public final class Words<T> extends StringConverter<T> {
    private final List<T> values;
    private final Function<T, String> word;

    public Words(List<T> values, Function<T, String> word) {
        this.values = List.copyOf(values);
        this.word = word;
    }

    @Override
    public String toString(T value) {
        return value == null ? "" : word.apply(value);
    }

    /** The value with these words; null where there is none. */
    @Override
    public T fromString(String words) {
        return values.stream()
                .filter(value -> word.apply(value).equals(words))
                .findFirst()
                .orElse(null);
    }
}
