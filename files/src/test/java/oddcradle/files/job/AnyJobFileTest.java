package oddcradle.files.job;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.Function;
import oddcradle.core.examine.Cures;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.Job;
import oddcradle.core.units.UnitStyle;
import oddcradle.files.report.ResultsJson;
import oddcradle.files.report.ResultsText;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * Files as a careless hand or a broken program leaves them: one value of a demo job is changed into something odd, again and
 * again. It is either refused with its field named, or examined, and what is printed of it conforms to the schema.
 */
class AnyJobFileTest {
    private static final ObjectMapper MAPPER = new ObjectMapper();
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
    private static final int SPOILED = 40;

    private static final List<Function<JsonNode, JsonNode>> ODD = List.of(
            old -> NODES.nullNode(),
            old -> NODES.numberNode(-1),
            old -> NODES.numberNode(0),
            old -> NODES.numberNode(1e-9),
            old -> NODES.numberNode(7e5),
            old -> NODES.numberNode(1e300),
            old -> NODES.textNode(""),
            old -> NODES.textNode("\u0000 <b>&amp;</b> \uD83D\uDD27"),
            old -> NODES.booleanNode(true),
            old -> NODES.arrayNode(),
            old -> NODES.objectNode(),
            old -> old.isNumber() ? NODES.numberNode(-old.doubleValue()) : old,
            old -> old.isNumber() ? NODES.numberNode(old.doubleValue() * 1000) : old,
            old -> old.isNumber() ? NODES.numberNode(old.doubleValue() * 1.3 + 0.01) : old);

    /** A place in the tree: its parent, and how it is reached from there. */
    private record Spot(JsonNode parent, String field, int index) {
        JsonNode value() {
            return parent.isObject() ? parent.get(field) : parent.get(index);
        }

        void set(JsonNode other) {
            if (parent instanceof ObjectNode object) {
                object.set(field, other);
            } else {
                ((ArrayNode) parent).set(index, other);
            }
        }

        void remove() {
            if (parent instanceof ObjectNode object) {
                object.remove(field);
            } else {
                ((ArrayNode) parent).remove(index);
            }
        }
    }

    private static void collect(JsonNode node, List<Spot> spots) {
        node.fieldNames().forEachRemaining(name -> spots.add(new Spot(node, name, -1)));
        for (int k = 0; node.isArray() && k < node.size(); k++) {
            spots.add(new Spot(node, "", k));
        }
        node.forEach(child -> collect(child, spots));
    }

    private static void spoil(ObjectNode tree, Random random) {
        List<Spot> spots = new ArrayList<>();
        collect(tree, spots);
        Spot spot = spots.get(random.nextInt(spots.size()));
        if (random.nextInt(6) == 0) {
            spot.remove();
        } else {
            spot.set(ODD.get(random.nextInt(ODD.size())).apply(spot.value()));
        }
    }

    @ParameterizedTest
    @EnumSource(DemoJobs.class)
    void spoiledFile_isRefusedByItsFieldOrExamined(DemoJobs demo) throws IOException {
        JsonSchema schema = JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                .getSchema(Files.readString(Path.of("../docs/schema/results.schema.json")));
        byte[] whole = JobCodec.write(demo.load());
        Random random = new Random(demo.ordinal());
        int examined = 0;
        for (int k = 0; k < SPOILED; k++) {
            ObjectNode tree = (ObjectNode) MAPPER.readTree(whole);
            for (int changes = random.nextInt(2); changes >= 0; changes--) {
                spoil(tree, random);
            }
            Job job;
            try {
                job = JobCodec.read("spoiled", MAPPER.writeValueAsBytes(tree)).job();
            } catch (UnreadableJob refused) {
                assertThat(refused.getMessage()).startsWith("spoiled").hasSizeLessThan(600);
                continue;
            }
            examined++;
            Examination examination = Examination.of(job);
            assertThat(ResultsText.of(examination, UnitStyle.DECIMAL_INCHES)).isNotBlank();
            assertThat(schema.validate(MAPPER.readTree(ResultsJson.of(examination))))
                    .isEmpty();
            examination.findings().forEach(finding -> Cures.of(examination, finding)
                    .forEach(cure ->
                            assertThat(cure.label().in(UnitStyle.MILLIMETRES)).isNotBlank()));
        }
        assertThat(examined).isBetween(SPOILED / 20, SPOILED);
    }
}
