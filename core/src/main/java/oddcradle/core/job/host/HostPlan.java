package oddcradle.core.job.host;

import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;

/**
 * What a host was drawn from, so that its measures can be changed until its first tube is changed by hand.
 *
 * @param family id of the family it belongs to
 * @param measures by their ids, m
 */
public record HostPlan(String family, Map<String, Double> measures) {
    private static final int MOST_MEASURES = 40;
    private static final double LARGEST = 50;

    public HostPlan {
        Guard.named("family", family);
        Guard.present("measures", measures);
        if (measures.size() > MOST_MEASURES) {
            throw new InvalidValue(
                    "measures", "has " + measures.size() + " entries, must have " + MOST_MEASURES + " at most");
        }
        measures.forEach(
                (id, value) -> Guard.within("measures." + id, Guard.present("measures." + id, value), 0, LARGEST, "m"));
        // Sorted, so that equal plans are written alike.
        measures = Collections.unmodifiableMap(new TreeMap<>(measures));
    }

    public HostPlan with(String measure, double value) {
        Map<String, Double> changed = new TreeMap<>(measures);
        changed.put(measure, value);
        return new HostPlan(family, changed);
    }
}
