package oddcradle.files.calc;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import oddcradle.core.math.Guard;
import oddcradle.core.shop.BendPlan;

final class BendCalculator {
    private BendCalculator() {}

    static ObjectNode answer(Fields in) {
        BendPlan plan = BendPlan.of(
                in.vectors("points"), in.numbers("radii"), in.number("od"), in.number("springback_factor", 1));
        ObjectNode out = Json.object();
        out.set("straights", Json.numbers(plan.straights()));
        out.set("bend_angles", Json.numbers(plan.angles()));
        out.set("arcs", Json.numbers(plan.arcs()));
        out.set("machine_angles", Json.numbers(plan.machineAngles()));
        out.set("rotations", Json.numbers(plan.rotations()));
        ArrayNode marks = out.putArray("marks");
        plan.marks()
                .forEach(mark -> marks.addObject().put("start", mark.start()).put("end", mark.end()));
        out.put("developed_length", plan.developedLength());
        double between = Guard.notNegative("min_straight", in.number("min_straight", 0), "m");
        double ends = Guard.notNegative("min_end", in.number("min_end", 0), "m");
        violations(out.putArray("violations"), plan.straights(), between, ends);
        return out;
    }

    private static void violations(ArrayNode out, List<Double> straights, double between, double ends) {
        for (int k = 0; k < straights.size(); k++) {
            boolean end = k == 0 || k == straights.size() - 1;
            String kind = straights.get(k) < 0
                    ? "negative_straight"
                    : straights.get(k) < (end ? ends : between) ? (end ? "min_end" : "min_straight") : "";
            if (!kind.isEmpty()) {
                out.addObject().put("kind", kind).put("straight", k);
            }
        }
    }
}
