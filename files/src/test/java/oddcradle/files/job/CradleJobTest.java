package oddcradle.files.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

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
import oddcradle.core.catalog.Nut;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Cradle;
import oddcradle.core.job.cradle.Detail;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.cradle.MountChoices;
import oddcradle.core.job.cradle.TubeJoint;
import oddcradle.core.job.make.Bar;
import oddcradle.core.job.make.Die;
import oddcradle.core.job.make.Pace;
import oddcradle.core.job.make.PlateStock;
import oddcradle.core.job.make.Shop;
import oddcradle.core.job.make.Stores;
import oddcradle.core.job.make.Tools;
import oddcradle.core.math.Vec3;
import oddcradle.core.mounting.BondedBush;
import oddcradle.core.mounting.BondedPad;
import oddcradle.core.mounting.Elastomer;
import oddcradle.core.mounting.Hard;
import oddcradle.core.mounting.MountElement;
import oddcradle.core.section.Angle;
import oddcradle.core.section.Tube;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** All that a cradle may hold, there and back. */
class CradleJobTest {
    private static final ObjectMapper MAPPER = new ObjectMapper();
    private static final Path DEMO = Path.of("../demo/saltmarsh-runabout.cradle.json");

    private static Job demo() throws IOException {
        return JobCodec.read("demo", Files.readAllBytes(DEMO)).job();
    }

    private static Job full() throws IOException {
        Job job = demo();
        Cradle cradle = job.cradle();
        List<MountElement> elements = List.of(
                new Hard(),
                new BondedBush(0.02, 0.044, 0.04, 45, Elastomer.SILICONE),
                new BondedPad(0.05, 0.02, 85, Elastomer.URETHANE),
                new BondedPad(0.05, 0.02, 50));
        List<Isolator> isolators = new ArrayList<>();
        for (int k = 0; k < 4; k++) {
            isolators.add(cradle.isolators()
                    .get(k)
                    .withElement(elements.get(k))
                    .withChoices(MountChoices.UNDECIDED
                            .withThread("3/8-24")
                            .with(MountChoices.Item.GAP, Optional.of(0.001))
                            .with(MountChoices.Item.TAB, Optional.of(0.004))));
        }
        Detail.BoltCircle circle = new Detail.BoltCircle(0.2, 6, "M8");
        List<Detail> details = List.of(
                new Detail.Gusset("X1", "S3", "C2", "C9", 0.03, 0.003),
                new Detail.LandingPad("X2", "B1", 0.003),
                new Detail.ClampPad("X3", "PFL", 0.09, 0.005, "M8", 4, true),
                new Detail.ReliefNotch("X4", "C1", 0.5, 0.005, true),
                new Detail.Slide("X5", List.of("S1", "S2"), Vec3.X, 0.03, "M10"),
                new Detail.AdapterPlate("X6", circle, circle, 0.012, 0.1, 2, 0.008, 60, 0.02, 0.02, 0.0005),
                new Detail.Hub("X7", 0.025, 0.04, 60),
                new Detail.Clutch("X8", 0.14, 0.095, 2, 2500, 0.3),
                new Detail.ReusedHanger("X9", "B1", 0.08, 0.012, 0.02, 0.01),
                new Detail.FoldedPlate("X10", "B1", 0.06, 0.002, 0.012, 0.09));
        List<TubeJoint> joints = List.of(
                TubeJoint.of("C3", "PFL", TubeJoint.Kind.REMOVABLE, "M8"),
                TubeJoint.of("C4", "PFR", TubeJoint.Kind.BOLTED, "")
                        .withSleeve(Optional.of(new TubeJoint.InnerSleeve(0.02, 0.03))));
        return job.withCradle(cradle.withIsolators(isolators)
                        .withDetails(details)
                        .withJoints(joints)
                        .withLone(List.of("S1")))
                .withBuild(job.build()
                        .withShop(new Shop(
                                List.of(new Angle(0.03, 0.003), new Tube(0.03, 0.002)),
                                List.of(0.003, 0.005),
                                true,
                                true,
                                true,
                                Nut.PLAIN,
                                new Stores(
                                        List.of(new Bar("off-cut", new Tube(0.03, 0.002), "steel", 1.2, 1, 0)),
                                        List.of(new PlateStock("sheet", 0.005, 1, 0.5, 0, 31))),
                                new Tools(
                                        List.of(new Die(0.03, 0.09, 0.03, 0.06)),
                                        List.of(0.03),
                                        0.05,
                                        0.001,
                                        0.002,
                                        List.of(0.0001, 0.001),
                                        new Tools.Printed(0.0995, 0.1005)),
                                new Pace("crowns", 400, 300, 1200, 900, 480, 1500, 3600, 1200, 2700))));
    }

    @Test
    void everything_isReadBackEqual_andConformsToTheSchema() throws IOException {
        Job job = full();
        byte[] written = JobCodec.write(JobCodec.fresh(job));
        assertThat(JobCodec.read("x", written).job()).isEqualTo(job);
        JsonSchema schema = JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                .getSchema(Files.readString(Path.of("../docs/schema/job.schema.json")));
        assertThat(schema.validate(MAPPER.readTree(written))).isEmpty();
    }

    @Test
    void padWithoutType_isAPad_asItWasBeforeThereWereOthers() throws IOException {
        ObjectNode tree = (ObjectNode) MAPPER.readTree(DEMO.toFile());
        ((ObjectNode) tree.at("/cradle/isolators/0/pad")).remove("type");
        Job job = JobCodec.read("x", MAPPER.writeValueAsBytes(tree)).job();
        assertThat(job.cradle().isolators().get(0).element()).isInstanceOf(BondedPad.class);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "/cradle/isolators/1/pad | hardness | 500 | cradle.isolators[1].pad.hardness",
                "/cradle/isolators/0/pad | type | \"jelly\" | cradle.isolators[0].pad",
                "/cradle/joints/0 | node | \"S1\" | cradle.joints[0].node",
                "/cradle/joints/0 | kind | \"GLUED\" | cradle.joints[0].kind",
                "/cradle/details/0 | leg | -1 | cradle.details[0].leg",
                "/cradle/details/0 | type | \"prayer\" | cradle.details[0]",
                "/cradle/details/2 | bolts | 4000 | cradle.details[2].bolts",
                "/cradle/details/3 | at | 2 | cradle.details[3].at",
                "/cradle/isolators/0/corner/decided | TAB | -1 | cradle.isolators[0].corner.decided",
                "/build/shop/plates | 0 | 0 | build.shop.plates[0]",
            })
    void wrongValue_isNamedWhereItIs(String where, String field, String value, String named) throws IOException {
        ObjectNode tree = (ObjectNode) MAPPER.readTree(JobCodec.write(JobCodec.fresh(full())));
        if (tree.at(where).isArray()) {
            ((com.fasterxml.jackson.databind.node.ArrayNode) tree.at(where)).set(0, MAPPER.readTree(value));
        } else {
            ((ObjectNode) tree.at(where)).set(field, MAPPER.readTree(value));
        }
        UnreadableJob refused =
                catchThrowableOfType(UnreadableJob.class, () -> JobCodec.read("x", MAPPER.writeValueAsBytes(tree)));
        assertThat(refused).as(where).isNotNull();
        assertThat(refused.getMessage()).contains(named);
    }
}
