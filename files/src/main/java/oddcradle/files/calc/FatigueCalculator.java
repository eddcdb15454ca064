package oddcradle.files.calc;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import oddcradle.core.fatigue.Cycle;
import oddcradle.core.fatigue.Damage;
import oddcradle.core.fatigue.DetailCurve;
import oddcradle.core.fatigue.Rainflow;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;

final class FatigueCalculator {
    private static final double HOUR = 3600;

    private FatigueCalculator() {}

    private record Detail(DetailCurve curve, double loadFactor) {}

    static ObjectNode answer(Fields in) {
        boolean counted = in.has("history");
        if (counted == in.has("table")) {
            throw new InvalidValue(counted ? "table" : "history", "one of history and table is needed, not both");
        }
        boolean repeating = in.flag("repeating", false);
        List<Cycle> cycles = counted
                ? (repeating ? Rainflow.repeating(in.numbers("history")) : Rainflow.once(in.numbers("history")))
                : in.list("table", each -> new Cycle(each.number("range"), 0, each.number("count")));
        ObjectNode out = Json.object();
        if (counted) {
            ArrayNode rows = out.putArray("cycles");
            cycles.forEach(each -> rows.addObject()
                    .put("range", each.range())
                    .put("mean", each.mean())
                    .put("count", each.count()));
        }
        Optional<Detail> detail = in.optional("detail", FatigueCalculator::detail);
        OptionalDouble duration = in.has("duration")
                ? OptionalDouble.of(Guard.positive("duration", in.number("duration"), "s"))
                : OptionalDouble.empty();
        if (detail.isEmpty() && !counted) {
            throw new InvalidValue("detail", "is missing: a table of ranges is for what they do to a detail");
        }
        detail.ifPresent(each -> damage(out, Damage.of(cycles, each.curve(), each.loadFactor()), duration));
        return out;
    }

    private static Detail detail(Fields in) {
        return new Detail(
                new DetailCurve(
                        in.number("category"),
                        in.number("slope_1", 3),
                        in.number("slope_2", 5),
                        in.number("strength_factor", 1)),
                in.number("load_factor", 1));
    }

    private static void damage(ObjectNode out, Damage damage, OptionalDouble duration) {
        out.put("damage", damage.sum());
        put(out, "equivalent_range", damage.equivalentRange());
        put(out, "passes_to_failure", damage.passes());
        if (duration.isPresent()) {
            OptionalDouble passes = damage.passes();
            put(
                    out,
                    "hours_to_failure",
                    passes.isPresent()
                            ? OptionalDouble.of(duration.getAsDouble() * passes.getAsDouble() / HOUR)
                            : OptionalDouble.empty());
        }
    }

    private static void put(ObjectNode out, String name, OptionalDouble value) {
        if (value.isPresent()) {
            out.put(name, value.getAsDouble());
        } else {
            out.putNull(name);
        }
    }
}
