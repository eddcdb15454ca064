package oddcradle.files.calc;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import oddcradle.core.frame.CoupledResponse;
import oddcradle.core.frame.DampedMount;
import oddcradle.core.frame.ResponseInput;
import oddcradle.core.frame.ResponseResult;
import oddcradle.core.frame.input.FrameInput;
import oddcradle.core.frame.input.FrameNode;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.MassProperties;

final class ResponseCalculator {
    private static final int FREQUENCIES = 12;

    private ResponseCalculator() {}

    /** What is asked of the harmonic response. */
    private record Asked(ResponseInput.Harmonic harmonic, List<Vec3> enginePoints, List<String> frameNodes) {}

    private record Structure(FrameInput frame, double loss) {}

    static ObjectNode answer(Fields in) {
        Structure frame = in.object("frame", ResponseCalculator::frame);
        MassProperties engine = in.object(
                "engine", each -> new MassProperties(each.number("mass"), each.vector("cg"), each.matrix("inertia")));
        Map<String, Vec3> places =
                frame.frame().nodes().stream().collect(Collectors.toMap(FrameNode::id, FrameNode::position));
        List<DampedMount> mounts = in.list("mounts", each -> mount(each, places));
        ResponseInput input =
                new ResponseInput(frame.frame(), frame.loss(), in.integer("elements_per_member"), engine, mounts);
        Asked asked = in.object("harmonic", ResponseCalculator::asked);
        for (int k = 0; k < asked.frameNodes().size(); k++) {
            if (!places.containsKey(asked.frameNodes().get(k))) {
                throw new InvalidValue(
                        "harmonic.frame_nodes[" + k + "]",
                        "names the node \"" + asked.frameNodes().get(k) + "\", which is not among the nodes");
            }
        }
        CoupledResponse response = Calculators.orRefuse(CoupledResponse.of(input), "mounts");
        ObjectNode out = Json.object();
        out.set("frequencies_hz", Json.numbers(response.frequenciesHz(FREQUENCIES)));
        ArrayNode harmonic = out.putArray("harmonic");
        response.to(asked.harmonic(), asked.enginePoints(), asked.frameNodes())
                .forEach(each -> harmonic.add(result(each, asked, mounts)));
        return out;
    }

    private static Structure frame(Fields in) {
        return new Structure(FrameCalculator.structure(in), in.number("loss", 0));
    }

    private static DampedMount mount(Fields in, Map<String, Vec3> places) {
        String node = in.text("node");
        if (!places.containsKey(node)) {
            throw new InvalidValue("node", "names the node \"" + node + "\", which is not among the nodes");
        }
        Mat3 axes = in.has("axes") ? in.matrix("axes") : Mat3.IDENTITY;
        return new DampedMount(
                in.text("name"),
                node,
                in.vector("position", places.get(node)),
                axes,
                in.vector("k"),
                in.number("loss", 0));
    }

    private static Asked asked(Fields in) {
        return new Asked(
                new ResponseInput.Harmonic(
                        in.numbers("frequencies_hz"),
                        in.vector("force", Vec3.ZERO),
                        in.vector("moment", Vec3.ZERO),
                        in.vector("point")),
                in.has("engine_points") ? in.vectors("engine_points") : List.of(),
                in.has("frame_nodes") ? in.texts("frame_nodes") : List.of());
    }

    private static ObjectNode result(ResponseResult result, Asked asked, List<DampedMount> mounts) {
        ObjectNode out = Json.object().put("frequency_hz", result.frequencyHz());
        ArrayNode points = out.putArray("engine_points");
        result.enginePoints().forEach(point -> points.addObject().set("displacement", motion(point)));
        ArrayNode nodes = out.putArray("frame_nodes");
        for (int k = 0; k < result.frameNodes().size(); k++) {
            nodes.addObject()
                    .put("node", asked.frameNodes().get(k))
                    .set("displacement", motion(result.frameNodes().get(k)));
        }
        ArrayNode forces = out.putArray("mounts");
        for (int k = 0; k < mounts.size(); k++) {
            forces.addObject()
                    .put("name", mounts.get(k).name())
                    .set("amplitude", Json.vector(result.mounts().get(k)));
        }
        out.set("support_force_amplitude", Json.vector(result.supports()));
        return out;
    }

    private static ObjectNode motion(ResponseResult.Motion motion) {
        ObjectNode out = Json.object();
        out.set("re", Json.vector(motion.re()));
        out.set("im", Json.vector(motion.im()));
        return out;
    }
}
