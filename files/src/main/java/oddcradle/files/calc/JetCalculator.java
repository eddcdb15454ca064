package oddcradle.files.calc;

import com.fasterxml.jackson.databind.node.ObjectNode;
import oddcradle.core.engine.Air;

final class JetCalculator {
    private JetCalculator() {}

    static ObjectNode answer(Fields in) {
        Air reference = in.object("reference", JetCalculator::air);
        Air now = in.object("new", JetCalculator::air);
        double ratio = now.density() / reference.density();
        ObjectNode out = Json.object();
        out.set("reference", told(reference));
        out.set("new", told(now));
        return out.put("density_ratio", ratio)
                .put("jet_diameter", now.jet(in.number("jet_diameter"), reference))
                .put("jet_area_ratio", Math.sqrt(ratio))
                .put("power_ratio", ratio);
    }

    private static Air air(Fields in) {
        Air standard = Air.standard(in.number("altitude"));
        return new Air(in.number("pressure", standard.pressure()), in.number("temperature", standard.temperature()));
    }

    private static ObjectNode told(Air air) {
        return Json.object()
                .put("pressure", air.pressure())
                .put("temperature", air.temperature())
                .put("density", air.density());
    }
}
