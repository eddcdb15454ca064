package oddcradle.core.practice;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import oddcradle.core.finding.Phrase;

/**
 * One line on the paper.
 *
 * @param tool key of what it was read with
 * @param says in words
 * @param values in the order of the words, SI; empty where it could not be read
 * @param set every setting as it was, by key, SI
 * @param time it took, moving the machine before it included, s
 */
public record Taken(String tool, Phrase says, List<Double> values, Map<String, Double> set, double time) {
    public Taken {
        values = List.copyOf(values);
        set = Map.copyOf(set);
    }

    /** The first number, SI. */
    double value() {
        return values.get(0);
    }

    /** Keys of all tools that were used. */
    static Set<String> tools(List<Taken> paper) {
        return paper.stream().map(Taken::tool).collect(Collectors.toSet());
    }

    boolean isRead() {
        return !values.isEmpty();
    }
}
