package oddcradle.files.calc;

import com.fasterxml.jackson.databind.node.ObjectNode;
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
        out.set("phi", Json.numbers(cope.phi()));
        out.set("s_outer", Json.optionalNumbers(cope.outer()));
        out.set("s_inner", Json.optionalNumbers(cope.inner()));
        out.set("s_fit", Json.optionalNumbers(cope.fit()));
        return out.put("circumference", cope.circumference()).put("notch_depth", cope.notchDepth());
    }

    private static CopeBranch branch(Fields in) {
        return new CopeBranch(
                in.vector("point"), in.vector("direction"), in.number("r"), in.number("wall"), in.vector("ref"));
    }

    private static CopeHeader header(Fields in) {
        return new CopeHeader(in.vector("point"), in.vector("direction"), in.number("R"));
    }
}
