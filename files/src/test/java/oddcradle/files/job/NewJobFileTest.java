package oddcradle.files.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import oddcradle.core.begin.FirstFit;
import oddcradle.core.begin.MachineFamily;
import oddcradle.core.begin.NewJob;
import oddcradle.core.job.Job;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A job begun in the window is a file like any other. */
class NewJobFileTest {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private static Job begun(MachineFamily family) {
        FirstFit fit = FirstFit.of(NewJob.asked(family, family.usual(), family.engine()), NewJob.ROOM);
        return NewJob.of("mine", family, family.usual(), family.engine(), fit);
    }

    @ParameterizedTest
    @EnumSource
    void everyFamily_isWrittenReadAndConforms(MachineFamily family) throws IOException {
        JsonSchema schema = JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                .getSchema(Files.readString(Path.of("../docs/schema/job.schema.json")));
        byte[] written = JobCodec.write(JobCodec.fresh(begun(family)));
        assertThat(schema.validate(MAPPER.readTree(written))).isEmpty();
        Job read = JobCodec.read("mine", written).job();
        assertThat(read).isEqualTo(begun(family));
        // Its measures can still be changed.
        assertThat(MachineFamily.stillPlanned(read.host())).contains(family.usual());
    }

    @Test
    void spoiledPlan_isRefusedByItsField() throws IOException {
        ObjectNode tree = (ObjectNode) MAPPER.readTree(JobCodec.write(JobCodec.fresh(begun(MachineFamily.KART))));
        ((ObjectNode) tree.at("/host/plan/measures")).put("wheelbase", -3);
        assertThatThrownBy(() -> JobCodec.read("mine", MAPPER.writeValueAsBytes(tree)))
                .isInstanceOf(UnreadableJob.class)
                .hasMessageContaining("host.plan.measures.wheelbase");
        ((ObjectNode) tree.at("/host/plan")).remove("family");
        assertThatThrownBy(() -> JobCodec.read("mine", MAPPER.writeValueAsBytes(tree)))
                .isInstanceOf(UnreadableJob.class)
                .hasMessageContaining("family");
    }
}
