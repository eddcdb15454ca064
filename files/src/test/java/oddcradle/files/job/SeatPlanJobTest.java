package oddcradle.files.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;
import oddcradle.core.geometry.Solid;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.body.Freedom;
import oddcradle.core.job.seat.Bracket;
import oddcradle.core.job.seat.Clearances;
import oddcradle.core.job.seat.FitErrors;
import oddcradle.core.job.seat.Lifting;
import oddcradle.core.job.seat.MadeTo;
import oddcradle.core.job.seat.Neighbour;
import oddcradle.core.job.seat.SeatPlan;
import oddcradle.core.job.seat.SeatWishes;
import oddcradle.core.job.seat.WayPlan;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;

/** What is wanted of a seat, in the job file. */
class SeatPlanJobTest {
    private static final Path DEMO = Path.of("../demo/saltmarsh-runabout.cradle.json");
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private static JobDocument read(String name, String text) throws UnreadableJob {
        return JobCodec.read(name, text.getBytes(StandardCharsets.UTF_8));
    }

    private static Job full() {
        JobDocument demo = DemoJobs.SALTMARSH_RUNABOUT.load();
        SeatPlan plan = new SeatPlan(
                new SeatWishes(1, 2, 3, 4, 5, 6, 7, 8, 0.12, List.of(new SeatWishes.Range(Freedom.UP, 0.3, 0.6))),
                new WayPlan(List.of("D13", "K7", "C1"), 0.004),
                new Lifting(List.of(new Lifting.Point("a", Vec3.X), new Lifting.Point("b", Vec3.Y)), 0.8, 0.1, -0.1),
                new FitErrors(
                        0.001, 0.002, 0.003, List.of(new FitErrors.Hole("B1", 0.012, 0.004, Vec3.Z)), MadeTo.TEMPLATE),
                List.of(new Bracket(
                        "X1",
                        "hanger",
                        Vec3.ZERO,
                        Vec3.Y,
                        Vec3.X,
                        List.of(new Solid.Sphere(Vec3.X, 0.01)),
                        "B1",
                        "CL")),
                List.of(
                        new Neighbour.PipeRun("1", "pipe", Vec3.X, Vec3.X, Vec3.Y, Vec3.Y, 0.04, 0.001, 0.06, 0.8),
                        new Neighbour.Intake("2", "intake", Vec3.X, Vec3.Y, 0.08, 0.1),
                        new Neighbour.Tank("3", "tank", "K7", Vec3.X, Vec3.Y, 0.1),
                        new Neighbour.Run(
                                "4", "cable", Neighbour.Line.CABLE, Vec3.X, Vec3.X, Vec3.Y, Vec3.Y, 0.005, 0.05, 1),
                        new Neighbour.Linkage("5", "rod", Vec3.X, Vec3.Y, Vec3.Z, Vec3.ZERO, Vec3.X, true),
                        new Neighbour.Occupant("6", "driver", "K6", 0.05, 0.06),
                        new Neighbour.Panel("7", "hood", "K7", 0.01),
                        new Neighbour.Bay("8", "bay", Vec3.X, Vec3.Y, 0.02)));
        Clearances clearances = new Clearances(
                List.of(new Clearances.KindRule(Category.HOT, Category.HOSE, 0.03, 0.04)),
                List.of(new Clearances.PairRule("D1", "K1", 0.002, "a rub strip")),
                500.0,
                1.7e-5,
                0.02);
        return demo.job().withPlan(plan).withBuild(demo.job().build().withClearances(clearances));
    }

    @Test
    void everyWishRuleAndNeighbour_survives_andKeepsToTheSchema() throws Exception {
        JobDocument demo = DemoJobs.SALTMARSH_RUNABOUT.load();
        String text = new String(JobCodec.write(demo.withJob(full())), StandardCharsets.UTF_8);
        assertThat(read("here", text).job()).isEqualTo(full());
        JsonSchema schema = JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                .getSchema(Files.readString(Path.of("../docs/schema/job.schema.json")));
        assertThat(schema.validate(MAPPER.readTree(text))).isEmpty();
    }

    @Test
    void jobWithoutAPlan_isAsUsual() throws Exception {
        ObjectNode node = (ObjectNode) MAPPER.readTree(Files.readString(DEMO));
        node.remove("plan");
        ((ObjectNode) node.get("build")).remove("clearances");
        Job job = read("here", node.toString()).job();
        assertThat(job.plan()).isEqualTo(SeatPlan.USUAL);
        assertThat(job.build().clearances()).isEqualTo(Clearances.USUAL);
    }

    private static void refused(Consumer<ObjectNode> spoil, String... words) throws Exception {
        ObjectNode node = (ObjectNode) MAPPER.readTree(Files.readString(DEMO));
        spoil.accept(node);
        assertThatThrownBy(() -> read("spoiled.cradle.json", node.toString()))
                .isInstanceOf(UnreadableJob.class)
                .hasMessageContainingAll(words);
    }

    private static ObjectNode at(ObjectNode node, String... path) {
        JsonNode here = node;
        for (String each : path) {
            here = here.get(each);
        }
        return (ObjectNode) here;
    }

    @Test
    void wrongWishes_areNamedByTheirField() throws Exception {
        refused(
                node -> ((ArrayNode) at(node, "plan", "wishes").get("ranges"))
                        .addObject()
                        .put("freedom", "UP")
                        .put("from", 0.6)
                        .put("to", 0.3),
                "plan.wishes.ranges[0]",
                "swap the bounds");
        refused(
                node -> ((ObjectNode)
                                at(node, "build", "clearances").get("pairs").get(0))
                        .put("room", -0.001),
                "build.clearances.pairs[0].room",
                "0 or more");
        refused(node -> at(node, "plan", "wishes").put("low", 12), "plan.wishes.low", "between 0 and 10");
        refused(
                node -> ((ArrayNode) at(node, "plan", "way").get("removable")).add("Z1"),
                "plan.way.removable[0]",
                "Z1");
        refused(node -> at(node, "plan", "lifting").put("hook", 0), "plan.lifting.hook");
        refused(
                node -> ((ObjectNode) at(node, "plan").get("neighbours").get(2)).put("tank", "K99"),
                "plan.neighbours[2].tank",
                "K99");
        refused(
                node -> ((ObjectNode) at(node, "plan").get("neighbours").get(0)).put("type", "hoverboard"),
                "hoverboard");
        refused(
                node -> ((ArrayNode) at(node, "build", "clearances").get("pairs"))
                        .addObject()
                        .put("part", "H20")
                        .put("obstacle", "S1")
                        .put("room", 0.01)
                        .put("reason", "again"),
                "second rule for one pair");
    }
}
