package oddcradle.files.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.function.Consumer;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import oddcradle.core.drive.Stage;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Freedom;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.section.Rect;
import oddcradle.core.section.RectTube;
import oddcradle.core.section.Round;
import oddcradle.core.section.Section;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class JobCodecTest {
    private static final ObjectMapper MAPPER = new ObjectMapper();
    private static final JobDocument DEMO = DemoJobs.SALTMARSH_RUNABOUT.load();

    private static ObjectNode demoTree() {
        try {
            return (ObjectNode) MAPPER.readTree(JobCodec.write(DEMO));
        } catch (IOException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    private static JobDocument read(JsonNode tree) throws UnreadableJob {
        return JobCodec.read("test.cradle.json", tree.toString().getBytes(StandardCharsets.UTF_8));
    }

    private static UnreadableJob refusal(Consumer<ObjectNode> damage) {
        ObjectNode tree = demoTree();
        damage.accept(tree);
        return catchThrowableOfType(UnreadableJob.class, () -> read(tree));
    }

    @Test
    void writtenJob_isReadBackEqual() throws UnreadableJob {
        assertThat(read(demoTree()).job()).isEqualTo(DEMO.job());
    }

    @Test
    void everyKindOfSection_survives() throws UnreadableJob {
        Job job = DEMO.job();
        for (Section section : List.of(new RectTube(0.03, 0.02, 0.002), new Round(0.02), new Rect(0.004, 0.05))) {
            job = new JobEdit.SetSection("C1", section).applyTo(job);
            assertThat(JobCodec.read("x", JobCodec.write(JobCodec.fresh(job))).job())
                    .isEqualTo(job);
        }
    }

    @Test
    void demoAndSavedJobs_conformToThePublishedSchema() throws IOException {
        JsonSchema schema = JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                .getSchema(Files.readString(Path.of("../docs/schema/job.schema.json")));
        assertThat(schema.validate(demoTree())).isEmpty();
        assertThat(schema.validate(MAPPER.readTree(
                        Path.of("../demo/saltmarsh-runabout.cradle.json").toFile())))
                .isEmpty();
        assertThat(schema.validate(MAPPER.readTree(JobCodec.write(EmptyBench.load()))))
                .isEmpty();
        ObjectNode wrong = demoTree();
        wrong.with("donor").with("mass").put("mass", -1);
        assertThat(schema.validate(wrong)).isNotEmpty();
    }

    @Test
    void unknownFields_surviveLoadEditAndSave() throws Exception {
        ObjectNode tree = demoTree();
        tree.put("colour", "green");
        tree.with("donor").put("nickname", "from a wreck");
        ((ObjectNode) tree.at("/cradle/members/3")).putObject("weld").put("state", "tacked");
        ((ObjectNode) tree.at("/materials/0")).put("heat", "K7");
        JobDocument read = read(tree);
        JobDocument edited = read.withJob(new JobEdit.SetSeat(Freedom.UP, 0.5).applyTo(read.job()));
        JsonNode saved = MAPPER.readTree(JobCodec.write(edited));
        assertThat(saved.at("/colour").asText()).isEqualTo("green");
        assertThat(saved.at("/donor/nickname").asText()).isEqualTo("from a wreck");
        assertThat(saved.at("/cradle/members/3/weld/state").asText()).isEqualTo("tacked");
        assertThat(saved.at("/materials/0/heat").asText()).isEqualTo("K7");
        assertThat(saved.at("/seat/position/2").asDouble()).isEqualTo(0.5);
    }

    @Test
    void unknownFieldsOfARemovedPart_goWithIt() throws Exception {
        ObjectNode tree = demoTree();
        ((ObjectNode) tree.at("/cradle/isolators/1")).put("maker", "unknown");
        JobDocument read = read(tree);
        Job fewer = read.job()
                .withCradle(read.job()
                        .cradle()
                        .withIsolators(List.of(read.job().cradle().isolators().get(0))));
        assertThat(new String(JobCodec.write(read.withJob(fewer)), StandardCharsets.UTF_8))
                .doesNotContain("maker");
    }

    @Test
    void emptyAndTruncatedFiles_areTold() {
        assertThatThrownBy(() -> JobCodec.read("a.cradle.json", new byte[0])).hasMessage("a.cradle.json: is empty");
        byte[] whole = JobCodec.write(DEMO);
        byte[] half = Arrays.copyOf(whole, whole.length / 2);
        assertThatThrownBy(() -> JobCodec.read("a.cradle.json", half))
                .isInstanceOf(UnreadableJob.class)
                .hasMessageContaining("in the middle of something")
                .hasMessageNotContaining("Source");
    }

    @ParameterizedTest
    @ValueSource(strings = {"[]", "3", "\"x\"", "null", "{}", "{\"format\":\"other\",\"version\":1}"})
    void otherJson_isNoJob(String text) {
        assertThatThrownBy(() -> JobCodec.read("a", text.getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(UnreadableJob.class);
    }

    @Test
    void firstVersionWithItsOneChain_becomesAStage() throws UnreadableJob {
        ObjectNode tree = demoTree();
        JsonNode chain = tree.at("/line/stages/0");
        ObjectNode line = tree.put("version", 1).putObject("line").put("dynamicFactor", 1.5);
        for (String field : List.of("pitch", "breakingLoad", "tensionerTravel", "efficiency")) {
            line.set(field, chain.get(field));
        }
        ((ObjectNode) tree.at("/donor/output")).put("teeth", 15);
        ((ObjectNode) tree.at("/host/drivenEnd")).put("teeth", 40);

        Stage.Chain read = (Stage.Chain) read(tree).job().line().stages().get(0);

        assertThat(read.driverTeeth()).isEqualTo(15);
        assertThat(read.drivenTeeth()).isEqualTo(40);
        assertThat(read.breakingLoad()).isEqualTo(chain.get("breakingLoad").doubleValue());
        assertThat(JobCodec.write(read(tree))).contains("\"version\" : 2".getBytes(StandardCharsets.UTF_8));
    }

    @Test
    void lineWithTwoStagesOfOneName_isRefused() {
        assertThat(refusal(tree -> {
                    ArrayNode stages = (ArrayNode) tree.at("/line/stages");
                    stages.add(stages.get(0).deepCopy());
                }))
                .hasMessageContaining("line.shafts has 0 entries; 2 stages need 1");
    }

    @Test
    void newerVersion_asksForANewerProgram() {
        assertThat(refusal(tree -> tree.put("version", 3)))
                .hasMessageContaining("version is 3, written by a newer program");
        assertThat(refusal(tree -> tree.put("version", "one"))).hasMessageContaining("version must be a whole number");
    }

    @Test
    void wrongValues_areNamedByTheirField() {
        assertThat(refusal(tree -> tree.with("donor").with("mass").put("mass", -3)))
                .hasMessage("test.cradle.json: donor.mass.mass is -3 kg, must be greater than 0");
        assertThat(refusal(tree -> ((ArrayNode) tree.at("/donor/mass/inertia/2"))
                                .set(2, MAPPER.getNodeFactory().numberNode(99)))
                        .field())
                .isEqualTo("donor.mass.inertia");
        assertThat(refusal(tree -> ((ObjectNode) tree.at("/cradle/members/0/section")).put("wall", 0.02)))
                .hasMessageContaining("cradle.members[0].section.wall is 0.02 m, must be less than the radius");
        assertThat(refusal(tree -> ((ObjectNode) tree.at("/cradle/isolators/1")).put("boss", "B1")))
                .hasMessageContaining("cradle.isolators[1].boss")
                .hasMessageContaining("two isolators cannot stand in one place");
        assertThat(refusal(tree -> ((ArrayNode) tree.at("/cradle/members/0/nodes")).set(1, "TFL")))
                .hasMessageContaining("cradle.members[0].nodes[1]")
                .hasMessageContaining("has no length");
    }

    @Test
    void wrongTypes_sayWhatIsWanted() {
        assertThat(refusal(tree -> tree.with("donor").with("mass").put("mass", "heavy")))
                .hasMessageContaining("donor.mass.mass has the wrong kind of value, must be a number");
        assertThat(refusal(tree -> tree.with("donor").with("mass").put("mass", "NaN")))
                .hasMessageContaining("donor.mass.mass");
        assertThat(refusal(tree -> tree.with("donor").with("mass").remove("mass")))
                .hasMessageContaining("donor.mass.mass is missing");
        assertThat(refusal(tree -> tree.remove("seat"))).hasMessageContaining("seat is missing");
        assertThat(refusal(tree -> tree.put("cases", 4))).hasMessageContaining("cases");
        assertThat(refusal(tree -> ((ArrayNode) tree.at("/seat/position")).remove(0)))
                .hasMessageContaining("seat.position");
        assertThat(refusal(tree -> ((ObjectNode) tree.at("/donor/parts/0/solids/0")).put("type", "cone")))
                .hasMessageContaining("donor.parts[0].solids[0]");
        assertThat(refusal(tree -> ((ObjectNode) tree.at("/donor/parts/0")).put("category", "WET")))
                .hasMessageContaining("donor.parts[0].category");
        assertThat(refusal(tree -> tree.with("donor").with("engine").put("cylinders", 2.5)))
                .hasMessageContaining("donor.engine.cylinders");
    }

    @Test
    void bareNaN_isNoJson() {
        String text =
                new String(JobCodec.write(DEMO), StandardCharsets.UTF_8).replace("\"mass\" : 47.5", "\"mass\" : NaN");
        assertThatThrownBy(() -> JobCodec.read("a", text.getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(UnreadableJob.class)
                .hasMessageContaining("damaged");
    }

    /** Whatever bytes come: a job or a plain refusal, never anything else. */
    @Property(tries = 300)
    void damagedBytes_neverEscapeAsAnotherError(@ForAll Random random) {
        byte[] bytes = JobCodec.write(DEMO);
        for (int hit = 0; hit < 1 + random.nextInt(6); hit++) {
            bytes[random.nextInt(bytes.length)] = (byte) (32 + random.nextInt(95));
        }
        try {
            assertThat(JobCodec.read("hostile", bytes).job()).isNotNull();
        } catch (UnreadableJob refused) {
            assertThat(refused).hasMessageStartingWith("hostile: ");
        }
    }
}
