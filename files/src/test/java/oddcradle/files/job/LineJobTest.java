package oddcradle.files.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.drive.JackShaft;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.drive.Stage;
import oddcradle.core.job.Job;
import oddcradle.core.job.line.Datum;
import oddcradle.core.job.line.Line;
import oddcradle.core.job.line.SwingArm;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** The drive in the job file: every kind of stage, datum and end, and what is wrong with them. */
class LineJobTest {
    private static final ObjectMapper MAPPER = new ObjectMapper();
    private static final Job TUG = DemoJobs.ORCHARD_TUG.load().job();

    private static final List<Stage> STAGES = List.of(
            new Stage.Chain("S1", "chain", 0.0127, 15, 40, 18_000, 0.01, 0.97),
            new Stage.Belt("S2", "timing belt", true, 0.08, 0.16, 1.1, 0, 0.03, 0.01, 0.97),
            new Stage.Belt("S3", "vee", false, 0.1, 0.2, 1.2, 0.66, 0.017, 0.02, 0.94),
            new Stage.Variator("S4", "variator", 0.08, 0.16, 1.2, 0.45, 0.03, 150, 300, 0.85),
            new Stage.Gears("S5", "gears", 3.2, true, 0.96),
            new Stage.Coupling("S6", "coupling", 0.0005, 0.02, 0),
            new Stage.JointShaft("S7", "shaft", false, 0.2, 0.35, 0.98),
            new Stage.JointShaft("S8", "drive shaft", true, 0, 0.7, 0.98));

    static List<LineEnd> ends() {
        return List.of(
                new LineEnd.Road(0.9, 0.02, Optional.empty()),
                new LineEnd.Road(0.9, 0.02, Optional.of(new LineEnd.Brakes(2, 460, 0.9))),
                new LineEnd.Generator(4, 60, 0.04, 0, 0.1, 0.2),
                new LineEnd.Generator(0, 0, 0, 300, 0, 0),
                new LineEnd.Propeller(1.6, 0.5, 55, 0.05, -0.3, 0.1, 3.6, 0.19, false, 2));
    }

    private static Line line(LineEnd end) {
        List<JackShaft> shafts = new ArrayList<>();
        for (int k = 1; k < STAGES.size(); k++) {
            boolean held = k % 2 == 0;
            shafts.add(new JackShaft(
                    "J" + k,
                    "jackshaft " + k,
                    new Vec3(0.1 * k, 0, 0.4),
                    Vec3.Y,
                    0.025,
                    0.01,
                    0.02,
                    0.05,
                    held ? List.of(-0.1, 0.2) : List.of(),
                    9000,
                    0.003,
                    0.006,
                    3.5e8,
                    held ? List.of("JR", "JL") : List.of()));
        }
        return new Line(
                new Datum(
                        Datum.Rule.PIVOT_BOLT,
                        "the arm is there",
                        Optional.of(new Datum.Pivot("B1", Vec3.X, Vec3.Y, 0.012, 0.04, 0.0001, -0.0001)),
                        Optional.of(new Datum.Thrust(Vec3.Z, 0.03, -0.02, 0.005))),
                STAGES,
                shafts,
                1.7,
                Optional.of(end),
                Optional.of(new SwingArm(Vec3.X, 0.5, 0.3, -0.2, true)));
    }

    private static ObjectNode tree(Job job) throws IOException {
        return (ObjectNode) MAPPER.readTree(JobCodec.write(JobCodec.fresh(job)));
    }

    @ParameterizedTest
    @MethodSource("ends")
    void everyKindOfStageAndEnd_survivesAndConforms(LineEnd end) throws IOException {
        Job job = TUG.withLine(line(end));
        assertThat(JobCodec.read("x", JobCodec.write(JobCodec.fresh(job))).job())
                .isEqualTo(job);
        JsonSchema schema = JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                .getSchema(Files.readString(Path.of("../docs/schema/job.schema.json")));
        assertThat(schema.validate(tree(job))).isEmpty();
    }

    @Test
    void whatIsLeftOut_isNothingChosenYet() throws IOException {
        ObjectNode bare = tree(TUG);
        bare.putObject("line").put("dynamicFactor", 1.5).putArray("stages");
        Line line = JobCodec.read("x", MAPPER.writeValueAsBytes(bare)).job().line();
        assertThat(line.datum()).isEqualTo(Datum.FREE);
        assertThat(line.end()).isEmpty();
        assertThat(line.swingArm()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "/line/stages/1|driverTeeth|0|line.stages[1].driverTeeth|between 6 and 500",
                "/line/stages/1|driverTeeth|1|line.stages[1].driverTeeth|between 6 and 500",
                "/line/stages/1|drivenTeeth|15.5|line.stages[1].drivenTeeth|whole number",
                "/line/stages/1|pitch|0|line.stages[1].pitch|greater than 0",
                "/line/stages/1|efficiency|1.2|line.stages[1].efficiency|between 0",
                "/line/stages/1|id|\"S1\"|line.stages[1].id|loop",
                "/line/stages/1|type|\"rope\"|line.stages[1]|type",
                "/line/stages/0|driverHigh|0.05|line.stages[0].driverHigh|more than driverLow",
                "/line/stages/0|shiftSpeed|1|line.stages[0].shiftSpeed|takes hold",
                "/line/stages/2|ratio|-2|line.stages[2].ratio|greater than 0",
                "/line/shafts/0|keyDepth|0.02|line.shafts[0].keyDepth|thinner than its key",
                "/line/shafts/0|bore|0.04|line.shafts[0].bore|less than od",
                "/line/shafts/0|bearings|[0.1]|line.shafts[0].bearings|must name two",
                "/line/shafts/0|bearings|[0.1,0.1]|line.shafts[0].bearings|one place",
                "/line/shafts/0|bearingNodes|[\"JR\",\"nowhere\"]|line.shafts[0].bearingNodes|does not exist",
                "/line/shafts/0|axis|[0,0,0]|line.shafts[0]|zero vector",
                "/line|shafts|[]|line.shafts|stages need 2 shafts",
                "/line|dynamicFactor|0.5|line.dynamicFactor|between 1",
                "/line/datum|rule|\"PIVOT_BOLT\"|line.datum.pivot|is missing",
                "/line/datum|rule|\"THRUST_LINE\"|line.datum.thrust|is missing",
                "/line/datum|rule|\"BY_EYE\"|line.datum.rule|one of",
                "/line/end|rolling|3|line.end.rolling|between 0",
                "/line|end|{\"type\":\"generator\",\"poles\":3,\"frequency\":50,\"droop\":0,\"speed\":0,\"engineInertia\":0,\"inertia\":0}|line.end.poles|even",
                "/line|swingArm|{\"pivot\":[0,0,0],\"length\":0.4,\"lowest\":-0.2,\"highest\":0.2,\"aft\":true}|line.swingArm.highest|swap them",
            })
    void wrongFields_areNamed(String object, String name, String value, String field, String problem)
            throws IOException {
        JsonNode wrong = MAPPER.readTree(value);
        ObjectNode spoiled = tree(TUG);
        ((ObjectNode) spoiled.at(object)).set(name, wrong);
        byte[] bytes = MAPPER.writeValueAsBytes(spoiled);
        assertThatThrownBy(() -> JobCodec.read("bad", bytes))
                .isInstanceOf(UnreadableJob.class)
                .hasMessageContaining(field)
                .hasMessageContaining(problem);
    }

    @Test
    void pivotOnABossThatIsNotThere_isNamed() throws IOException {
        ObjectNode spoiled = tree(TUG.withLine(line(ends().get(0))));
        ((ObjectNode) spoiled.at("/line/datum/pivot")).put("boss", "B99");
        byte[] bytes = MAPPER.writeValueAsBytes(spoiled);
        assertThatThrownBy(() -> JobCodec.read("bad", bytes)).hasMessageContaining("line.datum.pivot.boss");
    }
}
