package oddcradle.files.calc;

import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import oddcradle.core.finding.Outcome;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.units.UnitStyle;

/** The calculators by name. */
public final class Calculators {
    private static final ObjectMapper MAPPER = new ObjectMapper()
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .enable(JsonParser.Feature.STRICT_DUPLICATE_DETECTION);

    private static final Map<String, Function<Fields, ObjectNode>> BY_NAME = new TreeMap<>(Map.ofEntries(
            Map.entry("align", AlignCalculator::answer),
            Map.entry("bend", BendCalculator::answer),
            Map.entry("boltgroup", BoltGroupCalculator::answer),
            Map.entry("chain", ChainCalculator::answer),
            Map.entry("cope", CopeCalculator::answer),
            Map.entry("distance", DistanceCalculator::answer),
            Map.entry("drive", DriveCalculator::answer),
            Map.entry("fatigue", FatigueCalculator::answer),
            Map.entry("fit", FitCalculator::answer),
            Map.entry("frame", FrameCalculator::answer),
            Map.entry("gastorque", GasTorqueCalculator::answer),
            Map.entry("jet", JetCalculator::answer),
            Map.entry("modes", ModesCalculator::answer),
            Map.entry("nest", NestCalculator::answer),
            Map.entry("response", ResponseCalculator::answer),
            Map.entry("rubber", RubberCalculator::answer),
            Map.entry("runup", RunUpCalculator::answer),
            Map.entry("shaft", ShaftCalculator::answer),
            Map.entry("shaking", ShakingCalculator::answer),
            Map.entry("survey", SurveyCalculator::answer),
            Map.entry("tab", TabCalculator::answer),
            Map.entry("unbalance", UnbalanceCalculator::answer),
            Map.entry("weld", WeldCalculator::answer)));

    private Calculators() {}

    /** Names in alphabetical order. */
    public static List<String> names() {
        return List.copyOf(BY_NAME.keySet());
    }

    /**
     * What a calculation printed.
     *
     * @param json the answer, or an array of answers in the order asked
     * @param allAnswered false if any entry was refused
     */
    public record Answer(String json, boolean allAnswered) {}

    /**
     * @param name one of {@link #names()}
     * @param question a JSON object or an array of them
     */
    public static Answer answer(String name, String question) {
        Function<Fields, ObjectNode> calculator = BY_NAME.get(name);
        if (calculator == null) {
            throw new InvalidValue(
                    "name", "\"" + name + "\" is no calculator, use one of " + String.join(", ", names()));
        }
        JsonNode asked;
        try {
            asked = MAPPER.readTree(question);
        } catch (JsonProcessingException malformed) {
            return new Answer(
                    pretty(error(
                            "",
                            "standard input is no JSON: " + malformed.getOriginalMessage() + " (line "
                                    + malformed.getLocation().getLineNr() + ")")),
                    false);
        }
        if (asked.isMissingNode()) {
            return new Answer(
                    pretty(error("", "standard input is empty, must be a JSON object or an array of them")), false);
        }
        if (!asked.isArray()) {
            ObjectNode answer = single(calculator, asked);
            return new Answer(pretty(answer), !answer.has("error"));
        }
        ArrayNode answers = Json.list();
        boolean allAnswered = true;
        for (JsonNode each : asked) {
            ObjectNode answer = single(calculator, each);
            allAnswered &= !answer.has("error");
            answers.add(answer);
        }
        return new Answer(pretty(answers), allAnswered);
    }

    private static ObjectNode single(Function<Fields, ObjectNode> calculator, JsonNode asked) {
        try {
            return Fields.read(asked, calculator);
        } catch (InvalidValue invalid) {
            String subject = invalid.field().isEmpty() ? "the question" : invalid.field();
            return error(invalid.field(), subject + " " + invalid.problem());
        }
    }

    /** The answer of an analysis, or its reason for having none as a refusal of {@code field}. */
    static <T> T orRefuse(Outcome<T> outcome, String field) {
        return outcome.answer()
                .orElseThrow(() -> new InvalidValue(
                        field,
                        "cannot be solved: " + outcome.reasons().get(0).what().in(UnitStyle.MILLIMETRES)));
    }

    private static ObjectNode error(String field, String message) {
        ObjectNode answer = Json.object();
        answer.putObject("error").put("field", field).put("message", message);
        return answer;
    }

    private static String pretty(JsonNode node) {
        try {
            return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(node);
        } catch (JsonProcessingException impossible) {
            throw new IllegalStateException("a JSON tree could not be written", impossible);
        }
    }
}
