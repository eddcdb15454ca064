package oddcradle.files.report;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Locale;
import java.util.Optional;
import oddcradle.core.search.RecordStudy;
import oddcradle.core.search.RecordWords;
import oddcradle.core.units.UnitStyle;

/** A vibration record beside its prediction, as JSON, SI throughout. */
public final class RecordJson {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private RecordJson() {}

    /** @param before an earlier record of the same place */
    public static String of(RecordStudy.Study study, Optional<RecordStudy.Study> before) {
        ObjectNode out = MAPPER.createObjectNode()
                .put("place", study.watch().id())
                .put("differs_db", study.differs())
                .put("louder_db", study.louder())
                .put("verdict", RecordWords.verdict(study).in(UnitStyle.MILLIMETRES));
        ArrayNode explanations = out.putArray("explanations");
        for (RecordStudy.Explanation each : study.explanations()) {
            ObjectNode one = explanations
                    .addObject()
                    .put("of", each.suspect().name().toLowerCase(Locale.ROOT))
                    .put("factor", each.factor())
                    .put("left_db", each.left());
            if (Double.isFinite(each.sigma())) {
                one.put("sigma", each.sigma());
            }
        }
        ArrayNode points = out.putArray("points");
        for (RecordStudy.Point point : study.points()) {
            points.addObject()
                    .put("time", point.time())
                    .put("speed", point.speed())
                    .put("order", point.order())
                    .put("measured", point.measured())
                    .put("predicted", point.predicted());
        }
        before.ifPresent(earlier -> {
            ArrayNode changes = out.putArray("changes");
            RecordWords.changed(study, earlier).forEach(change -> changes.add(change.in(UnitStyle.MILLIMETRES)));
        });
        try {
            return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(out);
        } catch (JsonProcessingException impossible) {
            throw new IllegalStateException("a JSON tree could not be written", impossible);
        }
    }
}
