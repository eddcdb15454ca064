package oddcradle.files.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;

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
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.Function;
import oddcradle.core.cure.Cures;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.Job;
import oddcradle.core.proof.Proven;
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
    private static final long SEED = Long.getLong("oddcradle.seed", 20261126);
    /** For each demo: three quarters of a minute together. */
    private static final Duration BUDGET = Duration.ofSeconds(Integer.getInteger("oddcradle.spoil.seconds", 7));

    /** Many times what the slowest demo takes on a busy machine: longer than this is a hang. */
    private static final Duration HANG = Duration.ofSeconds(20);

    private static final int LEAST_EXAMINED = 5;

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
            old -> old.isNumber() ? NODES.numberNode(old.doubleValue() * 20) : old,
            old -> old.isNumber() ? NODES.numberNode(old.doubleValue() * 1e-3) : old,
            old -> old.isNumber() ? NODES.numberNode(old.doubleValue() * 1e-8) : old,
            old -> NODES.numberNode(1e-308),
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

    /** One change of the kinds that keep a file a file: values, places, order and names. */
    private static void spoil(ObjectNode tree, Random random) {
        List<Spot> spots = new ArrayList<>();
        collect(tree, spots);
        Spot spot = spots.get(random.nextInt(spots.size()));
        switch (random.nextInt(8)) {
            case 0 -> spot.remove();
            case 1 -> doubled(spots, random);
            case 2 -> swapped(spots, random);
            case 3 -> alike(spots, spot, random);
            default -> spot.set(ODD.get(random.nextInt(ODD.size())).apply(spot.value()));
        }
    }

    private static Optional<ArrayNode> list(List<Spot> spots, Random random) {
        List<ArrayNode> lists = spots.stream()
                .map(Spot::value)
                .filter(value -> value.isArray() && !value.isEmpty())
                .map(ArrayNode.class::cast)
                .toList();
        return lists.isEmpty() ? Optional.empty() : Optional.of(lists.get(random.nextInt(lists.size())));
    }

    private static void doubled(List<Spot> spots, Random random) {
        list(spots, random)
                .ifPresent(
                        list -> list.add(list.get(random.nextInt(list.size())).deepCopy()));
    }

    private static void swapped(List<Spot> spots, Random random) {
        list(spots, random).ifPresent(list -> {
            int at = random.nextInt(list.size());
            JsonNode first = list.get(0);
            list.set(0, list.get(at));
            list.set(at, first);
        });
    }

    /** The value of another field of the same name: a known node, thread or material in the wrong place. */
    private static void alike(List<Spot> spots, Spot spot, Random random) {
        List<Spot> same = spots.stream()
                .filter(each -> !each.field().isEmpty() && each.field().equals(spot.field()))
                .toList();
        if (!same.isEmpty()) {
            spot.set(same.get(random.nextInt(same.size())).value().deepCopy());
        }
    }

    @ParameterizedTest
    @EnumSource(DemoJobs.class)
    void spoiledFile_isRefusedByItsFieldOrExamined(DemoJobs demo) throws IOException {
        JsonSchema schema = JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                .getSchema(Files.readString(Path.of("../docs/schema/results.schema.json")));
        byte[] whole = JobCodec.write(demo.load());
        Random random = new Random(SEED + demo.ordinal());
        System.out.println("spoiling " + demo + " from -Doddcradle.seed=" + SEED);
        int examined = 0;
        int tried = 0;
        long end = System.nanoTime() + BUDGET.toNanos();
        while (System.nanoTime() < end || examined < LEAST_EXAMINED) {
            tried++;
            ObjectNode tree = (ObjectNode) MAPPER.readTree(whole);
            for (int changes = random.nextInt(2); changes >= 0; changes--) {
                spoil(tree, random);
            }
            byte[] spoiled = MAPPER.writeValueAsBytes(tree);
            try {
                Job job = JobCodec.read("spoiled", spoiled).job();
                examined++;
                assertTimeoutPreemptively(HANG, () -> examine(job, schema));
            } catch (UnreadableJob refused) {
                assertThat(refused.getMessage()).startsWith("spoiled").hasSizeLessThan(600);
            } catch (AssertionError | RuntimeException unexpected) {
                Path kept = Files.write(Path.of("target", "spoiled-" + demo + "-" + tried + ".cradle.json"), spoiled);
                throw new AssertionError("try " + tried + ", kept as " + kept.toAbsolutePath(), unexpected);
            }
        }
    }

    private static void examine(Job job, JsonSchema schema) throws IOException {
        Examination examination = Examination.of(job);
        assertThat(ResultsText.of(Proven.of(examination), UnitStyle.DECIMAL_INCHES, true))
                .isNotBlank()
                .doesNotContain("NaN", "Infinity");
        assertThat(schema.validate(MAPPER.readTree(ResultsJson.of(Proven.of(examination)))))
                .isEmpty();
        examination.findings().forEach(finding -> Cures.of(examination, finding)
                .forEach(cure ->
                        assertThat(cure.label().in(UnitStyle.MILLIMETRES)).isNotBlank()));
    }
}
