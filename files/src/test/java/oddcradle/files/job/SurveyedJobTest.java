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
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.motion.Motion;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.body.Pipe;
import oddcradle.core.job.body.Scan;
import oddcradle.core.job.seat.SeatPlan;
import oddcradle.core.job.tube.Condition;
import oddcradle.core.math.Vec3;
import oddcradle.core.survey.DatumPlane;
import oddcradle.core.survey.Feature;
import oddcradle.core.survey.Instrument;
import oddcradle.core.survey.Reading;
import oddcradle.core.survey.Survey;
import oddcradle.core.weigh.Weighing;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Everything that is measured goes into the file and comes back, and what is wrong in it is named. */
class SurveyedJobTest {
    private static final ObjectMapper MAPPER = new ObjectMapper();
    private static final Job JOB = DemoJobs.SALTMARSH_RUNABOUT.load().job();

    private static ObjectNode tree(Job job) throws IOException {
        return (ObjectNode) MAPPER.readTree(JobCodec.write(JobCodec.fresh(job)));
    }

    @ParameterizedTest
    @EnumSource(DemoJobs.class)
    void everyDemo_survivesAndConforms(DemoJobs demo) throws IOException {
        Job job = demo.load().job();
        byte[] written = JobCodec.write(JobCodec.fresh(job));
        assertThat(JobCodec.read("x", written).job()).isEqualTo(job);
        JsonSchema schema = JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                .getSchema(Files.readString(Path.of("../docs/schema/job.schema.json")));
        assertThat(schema.validate(MAPPER.readTree(written))).isEmpty();
        JsonNode file = MAPPER.readTree(
                Path.of("../demo/" + demo.fileName() + ".cradle.json").toFile());
        assertThat(schema.validate(file)).isEmpty();
        assertThat(DemoJobs.named(demo.fileName())).contains(demo);
    }

    @Test
    void everyKindOfReadingWeighingAndMotion_survives() throws IOException {
        Survey survey = JOB.donor().survey();
        List<Reading> readings = List.of(
                new Reading.Offset("a", "B1", DatumPlane.UP, -0.1, Instrument.HEIGHT_GAUGE, 0.0001),
                new Reading.HoleEdge(
                        "b", "B1", DatumPlane.LEFT, Reading.Edge.FAR, 0.01, 0.1, Instrument.CALIPER, 0.0001),
                new Reading.Distance("c", "B1", "B2", 0.2, Instrument.TAPE, 0.001),
                new Reading.OverBores(
                        "d", "B1", "B3", Reading.Sides.INNER, 0.01, 0.01, 0.43, Instrument.CALIPER, 0.0001),
                new Reading.Slope("e", "B1", "B2", 0.01, Instrument.ANGLE_GAUGE, 0.003));
        Job job = JOB.withDonor(JOB.donor()
                .withSurvey(new Survey(
                        survey.points(),
                        readings,
                        List.of(new Feature("f", "lugs", Feature.Shape.PLANE, List.of("B1", "B2", "B3"))),
                        survey.patterns()))
                .withWeighings(List.of(
                        new Weighing.Hang("hang", Vec3.Z, Vec3.Z.negated(), 0.01),
                        new Weighing.Pendulum("swing", Vec3.X, 0.2, 1.5, 1.6, 0.01, 0.002)))
                .withPipes(List.of(new Pipe(
                        "D90", "hose", Category.FUEL, List.of(Vec3.ZERO, Vec3.X, new Vec3(1, 1, 0)), 0.1, 0.012)))
                .withScan(Optional.of(new Scan("tern.stl", 0.001, List.of(new Scan.Pick("B1", new Vec3(1, 2, 3)))))));
        KeepOut wheel = new KeepOut(
                "K90",
                "wheel",
                Category.MOVING,
                List.of(new Solid.Cylinder(Vec3.ZERO, Vec3.Y, 0.2)),
                List.of(new Motion.Turn(Vec3.ZERO, Vec3.Z, -0.5, 0.5), new Motion.Slide(Vec3.Z, 0, 0.1)));
        job = job.withPlan(SeatPlan.USUAL)
                .withHost(job.host()
                        .withKeepOuts(List.of(wheel))
                        .withMembers(job.host().members().stream()
                                .map(each -> each.withCondition(Optional.of(new Condition(0.0016, 0.0002))))
                                .toList()));
        assertThat(JobCodec.read("x", JobCodec.write(JobCodec.fresh(job))).job())
                .isEqualTo(job);
        JsonSchema schema = JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                .getSchema(Files.readString(Path.of("../docs/schema/job.schema.json")));
        assertThat(schema.validate(tree(job))).isEmpty();
    }

    /** A file from before there were surveys still opens; what it leaves out is empty. */
    @Test
    void whatIsLeftOut_isEmpty() throws IOException {
        ObjectNode old = tree(JOB);
        for (String field : List.of("survey", "pipes", "services", "weighings", "history", "shape", "scan")) {
            old.with("donor").remove(field);
        }
        for (String field : List.of("survey", "squares", "hardPoints", "weight")) {
            old.with("host").remove(field);
        }
        old.remove("candidates");
        old.remove("weights");
        Job job = JobCodec.read("old", MAPPER.writeValueAsBytes(old)).job();
        assertThat(job.donor().survey()).isEqualTo(Survey.NONE);
        assertThat(job.host().weight()).isEmpty();
        assertThat(job.candidates()).isEmpty();
    }

    private static void refused(Consumer<ObjectNode> spoil, String field, String problem) throws IOException {
        ObjectNode spoiled = tree(JOB);
        spoil.accept(spoiled);
        byte[] bytes = MAPPER.writeValueAsBytes(spoiled);
        assertThatThrownBy(() -> JobCodec.read("bad", bytes))
                .isInstanceOf(UnreadableJob.class)
                .hasMessageContaining(field)
                .hasMessageContaining(problem);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "/donor/survey/readings/0|point|\"B9\"|donor.survey.readings[0]|not among the points",
                "/donor/survey/readings/0|sigma|0|donor.survey.readings[0].sigma|greater than 0",
                "/donor/survey/readings/0|plane|\"SIDEWAYS\"|donor.survey.readings[0].plane|one of",
                "/donor/survey/readings/0|value|1e300|donor.survey.readings[0].value|must lie between",
                "/donor/survey/readings/0|type|\"guess\"|donor.survey.readings[0]|type",
                "/donor/services/0|part|\"D99\"|donor.services[0].part|does not exist",
                "/donor/services/0|direction|[0,0,0]|direction|zero vector",
                "/host/squares/0|corners|[\"AL\",\"AR\",\"CR\"]|host.squares[0].corners|four different nodes",
                "/host|weight|{\"mass\":-1,\"cg\":[0,0,0]}|host.weight.mass|greater than 0",
                "/donor|scan|{\"file\":\"../../etc/passwd\",\"metresPerUnit\":0.001,\"picks\":[]}|donor.scan.file|folder of the job",
            })
    void wrongFields_areNamed(String object, String name, String value, String field, String problem)
            throws IOException {
        JsonNode wrong = MAPPER.readTree(value);
        refused(tree -> ((ObjectNode) tree.at(object)).set(name, wrong), field, problem);
    }
}
