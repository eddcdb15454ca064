package oddcradle.core.proof;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import oddcradle.core.fatigue.Cycle;
import oddcradle.core.fatigue.Damage;
import oddcradle.core.fatigue.WeldDetail;
import oddcradle.core.structure.WeldedEnd;

/**
 * How long one weld lasts.
 *
 * @param causes what wears it, the worst first
 */
public record EndLife(WeldedEnd end, WeldDetail detail, List<Cause> causes) {
    public EndLife {
        causes = List.copyOf(causes);
    }

    /**
     * One thing that comes again and again.
     *
     * @param range of stress, the widest of its kind, Pa
     * @param anHour of that range
     * @param damage of all of its kind in an hour, a share of the weld's life
     */
    public record Cause(String words, double range, double anHour, double damage) {}

    /** Cycles in an hour of running by what causes them. */
    static EndLife of(WeldedEnd end, WeldDetail detail, Map<String, List<Cycle>> hour) {
        List<Cause> causes = new ArrayList<>();
        new LinkedHashMap<>(hour).forEach((words, cycles) -> {
            Cycle widest = cycles.stream()
                    .max(Comparator.comparingDouble(Cycle::range))
                    .orElseThrow();
            causes.add(new Cause(
                    words,
                    widest.range(),
                    widest.count(),
                    Damage.of(cycles, detail.curve(), 1).sum()));
        });
        causes.sort(Comparator.comparingDouble(Cause::damage).reversed());
        return new EndLife(end, detail, causes);
    }

    /** A share of its life in an hour of running. */
    public double damageAnHour() {
        return causes.stream().mapToDouble(Cause::damage).sum();
    }

    /** Of running until it is to be taken as cracked, h; empty where nothing wears it. */
    public OptionalDouble hours() {
        double damage = damageAnHour();
        return damage > 0 ? OptionalDouble.of(1 / damage) : OptionalDouble.empty();
    }
}
