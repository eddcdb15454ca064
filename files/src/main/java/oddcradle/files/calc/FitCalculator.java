package oddcradle.files.calc;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Collections;
import java.util.List;
import oddcradle.core.math.Vec3;
import oddcradle.core.survey.RigidFit;

final class FitCalculator {
    private FitCalculator() {}

    static ObjectNode answer(Fields in) {
        List<Vec3> nominal = in.vectors("nominal");
        List<Double> weights = in.has("weights") ? in.numbers("weights") : Collections.nCopies(nominal.size(), 1.0);
        RigidFit fit = RigidFit.of(nominal, in.vectors("measured"), weights);
        ObjectNode out = Json.object();
        ArrayNode rows = out.putArray("rotation");
        for (Vec3 unit : List.of(Vec3.X, Vec3.Y, Vec3.Z)) {
            rows.add(Json.vector(fit.rotation().transposed().times(unit)));
        }
        out.set("translation", Json.vector(fit.translation()));
        ArrayNode residuals = out.putArray("residuals");
        fit.residuals().forEach(each -> residuals.add(Json.vector(each)));
        return out.put("rms", fit.rms()).put("weighted_rms", fit.weightedRms());
    }
}
