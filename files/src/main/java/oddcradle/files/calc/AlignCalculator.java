package oddcradle.files.calc;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import oddcradle.core.drive.ShaftDials;
import oddcradle.core.drive.SoftFoot;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;

final class AlignCalculator {
    private AlignCalculator() {}

    static ObjectNode answer(Fields in) {
        ObjectNode out = Json.object();
        in.optional("rim_face", AlignCalculator::rimFace).ifPresent(each -> out.set("rim_face", each));
        in.optional("reverse_dial", AlignCalculator::reverseDial).ifPresent(each -> out.set("reverse_dial", each));
        in.optional("soft_foot", AlignCalculator::softFoot).ifPresent(each -> out.set("soft_foot", each));
        if (out.isEmpty()) {
            throw new InvalidValue("", "needs one of rim_face, reverse_dial, soft_foot");
        }
        return out;
    }

    private static ShaftDials.Dial dial(Fields in) {
        return new ShaftDials.Dial(in.number("0"), in.number("90"), in.number("180"), in.number("270"));
    }

    private static ObjectNode rimFace(Fields in) {
        return told(
                in,
                ShaftDials.rimAndFace(
                        in.object("rim", AlignCalculator::dial),
                        in.object("face", AlignCalculator::dial),
                        in.number("face_diameter"),
                        in.number("rim_x"),
                        isSecond(in, "bracket_on", "fixed", "movable"),
                        isSecond(in, "face_side", "front", "back"),
                        in.number("sag", 0)));
    }

    private static boolean isSecond(Fields in, String field, String first, String second) {
        String said = in.text(field, first);
        if (!said.equals(first) && !said.equals(second)) {
            throw new InvalidValue(field, "is \"" + said + "\", must be " + first + " or " + second);
        }
        return said.equals(second);
    }

    private static ObjectNode reverseDial(Fields in) {
        return told(
                in,
                ShaftDials.reverse(
                        in.object("on_movable", AlignCalculator::dial),
                        in.object("on_fixed", AlignCalculator::dial),
                        in.number("x_movable"),
                        in.number("x_fixed"),
                        in.number("sag", 0)));
    }

    private static ObjectNode told(Fields in, ShaftDials lies) {
        ObjectNode out = Json.object();
        out.set("vertical", axis(lies.vertical()));
        out.set("horizontal", axis(lies.horizontal()));
        if (in.has("feet_x")) {
            List<Double> feet = in.numbers("feet_x");
            out.set(
                    "shims",
                    Json.numbers(feet.stream().map(lies.vertical()::mend).toList()));
            out.set(
                    "moves",
                    Json.numbers(feet.stream().map(lies.horizontal()::mend).toList()));
        }
        return out;
    }

    private static ObjectNode axis(ShaftDials.Axis axis) {
        return Json.object().put("offset", axis.offset()).put("slope", axis.slope());
    }

    private static ObjectNode softFoot(Fields in) {
        SoftFoot foot = SoftFoot.of(
                in.pairs("feet").stream()
                        .map(each -> new Vec3(each.get(0), each.get(1), 0))
                        .toList(),
                in.numbers("gaps"));
        ObjectNode out = Json.object();
        out.set("plane", Json.numbers(foot.plane()));
        out.set("residuals", Json.numbers(foot.residuals()));
        ArrayNode shims = Json.numbers(foot.shims());
        out.set("shims", shims);
        return out.put("total_shim", foot.shims().stream().mapToDouble(x -> x).sum());
    }
}
