package oddcradle.files.calc;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import oddcradle.core.joint.WeldLine;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;

final class WeldCalculator {
    private WeldCalculator() {}

    static ObjectNode answer(Fields in) {
        WeldLine line = in.object("shape", WeldCalculator::line);
        double throat = Guard.size("leg", in.number("leg")) / Math.sqrt(2);
        WeldLine.Worst worst = line.worst(in.vector("force"), in.vector("moment"), in.vector("point", Vec3.ZERO));
        Vec3 stress = worst.lineForce().times(1 / throat);
        ObjectNode out = Json.object().put("throat", throat).put("length", line.length());
        out.set("centroid", place(line.centroid()));
        out.set("worst_point", place(worst.at()));
        out.set("stress", Json.vector(stress));
        out.put("resultant", stress.length());
        if (in.has("allowable")) {
            out.put("utilisation", stress.length() / Guard.positive("allowable", in.number("allowable"), "Pa"));
        }
        return out;
    }

    private static JsonNode place(Vec3 point) {
        return Json.numbers(List.of(point.x(), point.y()));
    }

    private static WeldLine line(Fields in) {
        String type = in.text("type");
        return switch (type) {
            case "circle" -> WeldLine.round(in.number("d"));
            case "rect" -> WeldLine.rectangle(in.number("b"), in.number("h"));
            case "lines" -> WeldLine.twoLines(in.number("length"), in.number("spacing"));
            case "polyline" ->
                WeldLine.along(
                        in.pairs("points").stream()
                                .map(each -> new Vec3(each.get(0), each.get(1), 0))
                                .toList(),
                        in.flag("closed", false));
            default -> throw new InvalidValue("type", "is \"" + type + "\", must be circle, rect, lines or polyline");
        };
    }
}
