package oddcradle.files.calc;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import oddcradle.core.joint.BoltGroup;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;

final class BoltGroupCalculator {
    private BoltGroupCalculator() {}

    static ObjectNode answer(Fields in) {
        BoltGroup group = BoltGroup.of(
                bolts(in), in.vector("force"), in.vector("moment", Vec3.ZERO), in.vector("point", Vec3.ZERO));
        ObjectNode out = Json.object();
        out.set("centroid", Json.numbers(List.of(group.centroidX(), group.centroidY())));
        ArrayNode shear = out.putArray("shear");
        group.bolts().forEach(bolt -> shear.add(Json.numbers(List.of(bolt.shearX(), bolt.shearY()))));
        out.set(
                "tension",
                Json.numbers(
                        group.bolts().stream().map(BoltGroup.BoltLoad::tension).toList()));
        return out.put("max_shear", group.maxShear()).put("max_tension", group.maxTension());
    }

    private static List<BoltGroup.Bolt> bolts(Fields in) {
        List<List<Double>> places = in.pairs("bolts");
        List<Double> areas = in.numbers("areas");
        if (areas.size() != places.size()) {
            throw new InvalidValue(
                    "areas",
                    "has " + areas.size() + " entries, must have one for each of the " + places.size() + " bolts");
        }
        List<BoltGroup.Bolt> bolts = new ArrayList<>();
        for (int k = 0; k < areas.size(); k++) {
            try {
                bolts.add(new BoltGroup.Bolt(places.get(k).get(0), places.get(k).get(1), areas.get(k)));
            } catch (InvalidValue invalid) {
                throw new InvalidValue("areas[" + k + "]", invalid.problem());
            }
        }
        return bolts;
    }
}
