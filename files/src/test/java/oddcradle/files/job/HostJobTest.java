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
import oddcradle.core.drive.JackShaft;
import oddcradle.core.frame.input.Fixity;
import oddcradle.core.job.Job;
import oddcradle.core.job.edit.LineEdit;
import oddcradle.core.job.edit.LoadEdit;
import oddcradle.core.job.host.Foot;
import oddcradle.core.job.host.HostMass;
import oddcradle.core.job.host.Support;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.job.load.LoadSet;
import oddcradle.core.job.load.Shock;
import oddcradle.core.job.seat.MadeTo;
import oddcradle.core.math.Vec3;
import oddcradle.core.mounting.BondedBush;
import oddcradle.core.mounting.BondedPad;
import oddcradle.core.mounting.Elastomer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a machine weighs, carries and stands on, how it is loaded and what its mounts are made to, in a file. */
class HostJobTest {
    private static final ObjectMapper MAPPER = new ObjectMapper();
    private static final Job DEMO = DemoJobs.ORCHARD_TUG.load().job();

    /** Every new thing that a file may hold, none of it at its default. */
    private static Job full() {
        List<Support> supports = new ArrayList<>(DEMO.host().supports());
        supports.set(
                0,
                new Support(
                        supports.get(0).node(),
                        Fixity.POSITION,
                        Optional.of(new Foot(new BondedPad(0.04, 0.05, 45, Elastomer.RUBBER), 0.12))));
        supports.set(
                1,
                new Support(
                        supports.get(1).node(),
                        Fixity.POSITION,
                        Optional.of(new Foot(new BondedBush(0.02, 0.05, 0.04, 50, null), 0.1))));
        List<HostMass> masses = new ArrayList<>(DEMO.host().masses());
        masses.add(new HostMass("crate", "crate of fruit", HostMass.Sort.CARGO, 40, new Vec3(0.2, 0, 0.8), null, null));
        JackShaft shaft = DEMO.line().shafts().get(0);
        Job loaded = new LoadEdit.TakeSet(LoadSet.LIGHT_SPORT)
                .applyTo(DEMO.withHost(DEMO.host().withSupports(supports).withMasses(masses)));
        List<LoadCase> cases = new ArrayList<>(loaded.cases());
        cases.add(LoadCase.of("own", "winched", new Vec3(0, 0.4, -1), -0.5)
                .withShock(Shock.ENGINE_ORDER)
                .withTurning(new Vec3(0, 0.2, 0.4))
                .withOff(true)
                .withSource("my own"));
        return new LineEdit.SetShaft(shaft.withMasses(2.5, 0.8))
                .applyTo(loaded.withCases(cases)
                        .withPlan(DEMO.plan().withErrors(DEMO.plan().errors().withMadeTo(MadeTo.ENGINE))));
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

    /** Files from before know no masses, feet, nuts or sets: they open as they were. */
    @Test
    void whatOldFilesDoNotKnow_isLeftOut() throws IOException {
        ObjectNode tree = (ObjectNode) MAPPER.readTree(JobCodec.write(JobCodec.fresh(DEMO)));
        ((ObjectNode) tree.at("/host")).remove("masses");
        ((ObjectNode) tree.at("/plan/errors")).remove("madeTo");
        tree.at("/line/shafts")
                .forEach(shaft -> ((ObjectNode) shaft).remove(List.of("drivenMass", "driverMass", "bearingStiffness")));
        tree.at("/cases").forEach(each -> ((ObjectNode) each)
                .remove(List.of("turning", "shock", "level", "off", "set", "source")));
        Job old = JobCodec.read("x", MAPPER.writeValueAsBytes(tree)).job();
        assertThat(old.host().masses()).isEmpty();
        assertThat(old.plan().errors().madeTo()).isEqualTo(MadeTo.DRAWING);
        assertThat(old.line().shafts()).allMatch(shaft -> shaft.drivenMass() == 0 && shaft.usedStiffness() > 1e6);
        assertThat(old.cases()).hasSameSizeAs(DEMO.cases()).allMatch(each -> each.shock() == Shock.NONE && !each.off());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "/host/masses/0 | mass | -1 | host.masses[0].mass",
                "/host/masses/0 | mass | 1e9 | host.masses[0].mass",
                "/host/masses/0 | sort | \"GHOST\" | host.masses[0].sort",
                "/host/masses/1 | id | \"driver\" | host.masses",
                "/host/masses/0 | nodes | [\"nowhere\"] | host.masses[0].nodes",
                "/host/supports/0/foot | loss | 7 | host.supports[0].foot.loss",
                "/host/supports/0/foot/pad | hardness | 500 | host.supports[0].foot.pad.hardness",
                "/host/supports/0/foot/pad | type | \"jelly\" | host.supports[0].foot.pad",
                "/line/shafts/0 | drivenMass | -2 | line.shafts[0].drivenMass",
                "/line/shafts/0 | bearingStiffness | -1 | line.shafts[0].bearingStiffness",
                "/plan/errors | madeTo | \"GUESS\" | plan.errors.madeTo",
                "/cases/0 | level | \"HOPED\" | cases[0].level",
                "/cases/0 | shock | \"SNEEZE\" | cases[0].shock",
                "/cases/0 | chainPull | 900 | cases[0]",
                "/materials/0 | ultimateStrength | 1 | materials[0]"
            })
    void wrongValue_isNamedWhereItIs(String where, String field, String value, String named) throws IOException {
        ObjectNode tree = (ObjectNode) MAPPER.readTree(JobCodec.write(JobCodec.fresh(full())));
        ((ObjectNode) tree.at(where)).set(field, MAPPER.readTree(value));
        UnreadableJob refused =
                catchThrowableOfType(UnreadableJob.class, () -> JobCodec.read("x", MAPPER.writeValueAsBytes(tree)));
        assertThat(refused).as(where).isNotNull();
        assertThat(refused.getMessage()).contains(named);
    }
}
