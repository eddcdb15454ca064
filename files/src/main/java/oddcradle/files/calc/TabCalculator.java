package oddcradle.files.calc;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.joint.FlatTab;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;

final class TabCalculator {
    private TabCalculator() {}

    static ObjectNode answer(Fields in) {
        FlatTab tab = new FlatTab(
                in.number("width"),
                in.number("thickness"),
                in.number("hole"),
                in.number("edge"),
                in.number("bolt"),
                in.number("standoff"));
        int plates = in.has("plates") ? in.integer("plates") : 1;
        Guard.within("plates", plates, 1, 2, "");
        Vec3 each = in.vector("load").times(1.0 / plates);
        FlatTab.Stresses stresses = tab.under(each.x(), each.y(), each.z());
        ObjectNode out = Json.object()
                .put("bearing", stresses.bearing())
                .put("net_section", stresses.netSection())
                .put("tear_out", stresses.tearOut())
                .put("root_bending", stresses.rootBending())
                .put("edge_ratio", tab.edgeRatio());
        Optional<Map<String, Double>> shares = in.optional("allowable", allowed -> shares(stresses, allowed));
        shares.ifPresent(all -> {
            ObjectNode utilisation = out.putObject("utilisation");
            all.forEach(utilisation::put);
            out.put(
                    "governing",
                    all.entrySet().stream()
                            .max(Map.Entry.comparingByValue())
                            .orElseThrow()
                            .getKey());
        });
        return out;
    }

    private static Map<String, Double> shares(FlatTab.Stresses stresses, Fields allowed) {
        Map<String, Double> shares = new LinkedHashMap<>();
        shares.put("bearing", stresses.bearing() / strength(allowed, "bearing"));
        shares.put("net_section", stresses.netSection() / strength(allowed, "tension"));
        shares.put("tear_out", stresses.tearOut() / strength(allowed, "shear"));
        shares.put("root_bending", stresses.rootBending() / strength(allowed, "bending"));
        return shares;
    }

    private static double strength(Fields allowed, String name) {
        return Guard.positive(name, allowed.number(name), "Pa");
    }
}
