package oddcradle.files.report;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Locale;
import oddcradle.core.examine.Examination;
import oddcradle.core.report.Answer;
import oddcradle.core.search.MountRanking;
import oddcradle.core.search.ShakeAnswers;
import oddcradle.core.search.ShakeInTime;
import oddcradle.core.search.ShakeMaps;
import oddcradle.core.structure.OrderMap;
import oddcradle.core.structure.ShakeWatch;
import oddcradle.core.units.UnitStyle;

/** What of the engine's shaking is felt, and the maps behind it, as JSON, SI throughout. */
public final class ShakeJson {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private ShakeJson() {}

    /**
     * @param named isolators of the shelf by what they are best at; none where nobody asked
     * @param inTime what happens once; none where nothing is on rubber
     */
    public static String of(
            Examination examination,
            ShakeMaps.Maps maps,
            List<MountRanking.Named> named,
            List<ShakeInTime.Event> inTime) {
        ObjectNode out = MAPPER.createObjectNode();
        out.put("job", examination.job().name());
        felt(out, examination, maps);
        ArrayNode isolators = out.putArray("isolators");
        for (MountRanking.Named each : named) {
            isolators
                    .addObject()
                    .put("best_at", each.words().in(UnitStyle.MILLIMETRES))
                    .put("isolator", each.choice().element().designation())
                    .put("idle", each.choice().idle())
                    .put("cruise", each.choice().cruise())
                    .put("motion", each.choice().motion())
                    .put("sag", each.choice().sag());
        }
        inTime(out.putArray("in_time"), inTime);
        map(out.putObject("full_throttle"), maps.full());
        map(out.putObject("idle_without_load"), maps.idle());
        try {
            return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(out);
        } catch (JsonProcessingException impossible) {
            throw new IllegalStateException("a JSON tree could not be written", impossible);
        }
    }

    /** What is felt and which speeds are passed through; nothing where nothing shakes yet. */
    static void write(ObjectNode out, Examination examination) {
        ShakeMaps.of(examination).ifPresent(maps -> felt(out, examination, maps));
    }

    private static void felt(ObjectNode out, Examination examination, ShakeMaps.Maps maps) {
        ArrayNode answers = out.putArray("answers");
        for (Answer answer : ShakeAnswers.of(examination, maps)) {
            ObjectNode each = answers.addObject().put("id", answer.id()).put("question", answer.question());
            answer.number()
                    .ifPresentOrElse(
                            number -> each.put("value", number.si())
                                    .put("unit", number.kind().siUnit()),
                            () -> each.putNull("value"));
            each.put("words", answer.words().in(UnitStyle.MILLIMETRES));
            each.put("source", answer.why().source().words());
        }
        ArrayNode peaks = out.putArray("passing");
        for (ShakeAnswers.Peak peak : ShakeAnswers.peaks(examination, maps.full())) {
            peaks.addObject()
                    .put("speed", peak.speed())
                    .put("order", maps.full().orders().get(peak.order()))
                    .put("watch", maps.full().watches().get(peak.watch()).id())
                    .put("value", peak.value())
                    .put("times_cruise", peak.beside());
        }
    }

    private static void inTime(ArrayNode out, List<ShakeInTime.Event> events) {
        for (ShakeInTime.Event event : events) {
            ObjectNode each = out.addObject()
                    .put("id", event.id())
                    .put("label", event.label())
                    .put("how", event.how())
                    .put("travel", event.travel())
                    .put("counted_by_gaps", event.counted())
                    .put("mount", event.mount())
                    .put("force", event.force())
                    .put("stretch", event.stretch());
            event.used().ifPresent(used -> each.put("snubber_used", used));
            event.near().ifPresent(near -> each.putObject("near")
                    .put("part", near.part())
                    .put("obstacle", near.obstacle())
                    .put("at_rest", near.atRest())
                    .put("left", near.left())
                    .put("needed", near.needed()));
        }
    }

    private static void map(ObjectNode out, OrderMap map) {
        ArrayNode speeds = out.putArray("speeds");
        map.speeds().forEach(speeds::add);
        ArrayNode orders = out.putArray("orders");
        map.orders().forEach(orders::add);
        ArrayNode watches = out.putArray("watches");
        for (int k = 0; k < map.watches().size(); k++) {
            ShakeWatch watch = map.watches().get(k);
            ObjectNode each = watches.addObject()
                    .put("id", watch.id())
                    .put("label", watch.label())
                    .put("of", watch.kind().name().toLowerCase(Locale.ROOT));
            ArrayNode rows = each.putArray("amplitudes");
            for (int o = 0; o < map.orders().size(); o++) {
                ArrayNode row = rows.addArray();
                for (int s = 0; s < map.speeds().size(); s++) {
                    row.add(map.amplitude(k, o, s));
                }
            }
        }
    }
}
