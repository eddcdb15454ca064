package oddcradle.files.calc;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.stream.IntStream;
import oddcradle.core.math.Guard;
import oddcradle.core.section.Section;
import oddcradle.core.section.Tube;
import oddcradle.core.shop.Cope;
import oddcradle.core.shop.CopeBranch;
import oddcradle.core.shop.CopeHeader;
import oddcradle.core.shop.CopeResult;

final class CopeCalculator {
    private CopeCalculator() {}

    static ObjectNode answer(Fields in) {
        CopeBranch branch = in.object("branch", CopeCalculator::branch);
        CopeResult cope = Cope.of(
                branch, in.list("headers", CopeCalculator::header), in.has("n") ? in.integer("n") : Cope.USUAL_STEPS);
        ObjectNode out = Json.object();
        int steps = cope.around().size();
        out.set(
                "phi",
                Json.numbers(IntStream.range(0, steps)
                        .mapToObj(k -> 2 * Math.PI * k / steps)
                        .toList()));
        out.set("s_outer", Json.optionalNumbers(cope.outer()));
        out.set("s_inner", Json.optionalNumbers(cope.inner()));
        out.set("s_fit", Json.optionalNumbers(cope.fit()));
        return out.put("circumference", cope.perimeter()).put("notch_depth", cope.notchDepth());
    }

    private static CopeBranch branch(Fields in) {
        double radius = in.number("r");
        double wall = in.number("wall");
        Guard.positive("r", radius, "m");
        Section.requireHollow(wall, radius, "the radius");
        return new CopeBranch(in.vector("point"), in.vector("direction"), new Tube(2 * radius, wall), in.vector("ref"));
    }

    private static CopeHeader header(Fields in) {
        return new CopeHeader.Round(in.vector("point"), in.vector("direction"), in.number("R"));
    }
}
