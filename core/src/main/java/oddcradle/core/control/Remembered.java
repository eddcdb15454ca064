package oddcradle.core.control;

import java.util.HashMap;
import java.util.Map;
import java.util.function.Function;

/**
 * Answers of one question by what was asked. A later one takes over what an earlier one already knows, so that only a new input
 * is worked out; what is not asked for when others are is forgotten. One thread while it is asked.
 *
 * @param <I> the whole input, compared by value
 * @param <R> the answer, which nothing but the input decides
 */
public final class Remembered<I, R> {
    private final Map<I, R> earlier;
    private final Map<I, R> known = new HashMap<>();
    private int worked;

    private Remembered(Map<I, R> earlier) {
        this.earlier = earlier;
    }

    /** Knows nothing yet. */
    public static <I, R> Remembered<I, R> nothing() {
        return new Remembered<>(Map.of());
    }

    /** One that takes over what this one knows, once this one is asked no more. */
    public Remembered<I, R> next() {
        return new Remembered<>(known.isEmpty() ? earlier : known);
    }

    public R of(I input, Function<? super I, ? extends R> work) {
        R here = known.get(input);
        if (here == null) {
            here = earlier.get(input);
            if (here == null) {
                here = work.apply(input);
                worked++;
            }
            known.put(input, here);
        }
        return here;
    }

    /** How many answers had to be worked out. */
    public int worked() {
        return worked;
    }
}
