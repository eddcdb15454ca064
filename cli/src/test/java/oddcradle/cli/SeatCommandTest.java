package oddcradle.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import oddcradle.core.job.Job;
import oddcradle.files.job.JobStore;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SeatCommandTest {
    private static final String SKID = "../demo/hut-skid.cradle.json";
    private static final String RUNABOUT = "../demo/saltmarsh-runabout.cradle.json";

    @Test
    void answersAndTheWayOut_arePrinted() {
        CommandRun run = CommandRun.of("seat", SKID, "--way");
        assertThat(run.err()).isEmpty();
        assertThat(run.code()).isZero();
        assertThat(run.out())
                .contains("none is better within the bounds")
                .contains("1  forward")
                .contains("weight low")
                .contains("out upward, straight")
                .contains("Lift with a hoist");
        assertThat(CommandRun.of("seat", SKID, "--inch").out()).contains(" in,");
    }

    @Test
    void json_carriesAnswersWayAndSharedSeat(@TempDir Path folder) throws Exception {
        // On the demo's own rubber its chain pull leaves no seat that serves two donors.
        Path harder = folder.resolve("harder.cradle.json");
        Files.writeString(
                harder, Files.readString(Path.of(RUNABOUT)).replace("\"hardness\": 60.0", "\"hardness\": 75.0"));
        CommandRun run = CommandRun.of("seat", harder.toString(), "--json", "--way", "--with", "Skerry 398");
        assertThat(run.code()).isZero();
        JsonNode out = new ObjectMapper().readTree(run.out());
        assertThat(out.get("searched")).hasSize(2);
        assertThat(out.get("proven").asBoolean()).isTrue();
        assertThat(out.get("answers").get(0).get("aims")).hasSize(8);
        assertThat(out.get("way_out").get("found").asBoolean()).isTrue();
        assertThat(out.get("way_out").get("off_first")).isNotEmpty();
        assertThat(out.get("shared").get("bosses")).hasSize(4);
    }

    @Test
    void answer_isTakenIntoAnotherFile(@TempDir Path folder) throws Exception {
        Path file = folder.resolve("seated.cradle.json");
        CommandRun run = CommandRun.of("seat", SKID, "--take", "1", "--out", file.toString());
        assertThat(run.code()).isZero();
        Job job = new JobStore(Clock.systemUTC()).open(file).job();
        Job before = new JobStore(Clock.systemUTC()).open(Path.of(SKID)).job();
        assertThat(job.seat()).isNotEqualTo(before.seat());
        assertThat(job.withSeat(before.seat())).isEqualTo(before);
    }

    @Test
    void impossibleBounds_areToldAsAConflict(@TempDir Path folder) throws Exception {
        String text = Files.readString(Path.of(SKID))
                .replace("\"ranges\": []", "\"ranges\": [{\"freedom\": \"FORWARD\", \"from\": 0.4, \"to\": 0.6}]");
        Path file = Files.writeString(folder.resolve("tight.cradle.json"), text);
        CommandRun run = CommandRun.of("seat", file.toString());
        assertThat(run.code()).isEqualTo(1);
        assertThat(run.out()).contains("No seat is free").contains("alternator");
        JsonNode conflict = new ObjectMapper()
                .readTree(CommandRun.of("seat", file.toString(), "--json").out())
                .get("conflict");
        assertThat(conflict.get("lacks").asDouble()).isPositive();
        assertThat(conflict.get("obstacles")).isNotEmpty();
    }

    @Test
    void wrongQuestions_areRefused() {
        assertThat(CommandRun.of("seat", SKID, "--take", "1").err()).contains("--out");
        assertThat(CommandRun.of("seat", SKID, "--take", "9", "--out", "/tmp/never.json")
                        .err())
                .contains("there are");
        assertThat(CommandRun.of("seat", RUNABOUT, "--with", "Nobody").err()).contains("none of the job's candidates");
        assertThat(CommandRun.of("seat", "no-such-file").code()).isEqualTo(2);
    }
}
