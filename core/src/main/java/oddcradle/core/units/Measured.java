package oddcradle.core.units;

import java.util.ArrayList;
import java.util.List;

/**
 * A value made of named measures, which can be shown and typed one by one.
 *
 * @param <T> the value
 */
public interface Measured<T> {
    /** One of the measures, by the words a builder knows it under. */
    record Measure(String name, Quantity quantity) {
        public static Measure of(String name, Kind kind, double si) {
            return new Measure(name, new Quantity(si, kind));
        }
    }

    /** Always the same ones, in the same order. */
    List<Measure> measures();

    /**
     * The same with other measures.
     *
     * @param values SI, in the order of {@link #measures()}
     * @throws oddcradle.core.math.InvalidValue naming the field that is wrong
     */
    T with(List<Double> values);

    /** The same with one measure changed. */
    default T with(int index, double value) {
        List<Double> values = new ArrayList<>(
                measures().stream().map(each -> each.quantity().si()).toList());
        values.set(index, value);
        return with(values);
    }
}
