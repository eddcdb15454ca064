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
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CradleCommandTest {
    private static final String SKID = "../demo/hut-skid.cradle.json";

    @Test
    void proposals_arePrintedWithWhatSpeaksAgainstThem() {
        CommandRun run = CommandRun.of("cradle", SKID);
        assertThat(run.code()).isZero();
        assertThat(run.out())
                .contains("flat skid, on rubber, four points")
                .contains("comes out straight upward")
                .contains("weak point: ")
                .contains("ring from the firewall: ");
        assertThat(CommandRun.of("cradle", SKID, "--inch", "--kind", "skid").out())
                .contains(" in to spare");
    }

    @Test
    void json_carriesEveryNumber() throws Exception {
        JsonNode out = new ObjectMapper()
                .readTree(CommandRun.of("cradle", SKID, "--json", "--kind", "skid", "--mount", "hard", "--points", "4")
                        .out());
        assertThat(out.get("proposals")).hasSize(1);
        JsonNode first = out.get("proposals").get(0);
        assertThat(first.get("kind").asText()).isEqualTo("skid");
        assertThat(first.get("soft").asBoolean()).isFalse();
        assertThat(first.get("highest_utilisation").asDouble()).isBetween(0.0, 1.0);
        assertThat(first.get("lowest_mode").asDouble()).isPositive();
        assertThat(first.get("hours").asDouble()).isPositive();
    }

    @Test
    void proposal_isTakenIntoAnotherFile(@TempDir Path folder) throws Exception {
        Path file = folder.resolve("held.cradle.json");
        CommandRun run = CommandRun.of("cradle", SKID, "--kind", "skid", "--take", "1", "--out", file.toString());
        assertThat(run.err()).isEmpty();
        Job job = new JobStore(Clock.systemUTC()).open(file).job();
        assertThat(job.cradle().members()).hasSize(6);
        CommandRun check = CommandRun.of("check", file.toString(), "--json");
        JsonNode mounts = new ObjectMapper().readTree(check.out()).at("/cradle/mounts");
        assertThat(mounts).isNotEmpty();
        assertThat(mounts.get(0).at("/stack/bolt").asText()).isNotBlank();
        assertThat(mounts.get(0).at("/tab/outline").size()).isGreaterThan(3);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "--kind sofa | must be one of lower",
                "--mount glue | must be hard, rubber",
                "--points 5 | must be 3 or 4",
                "--take 3 | go together",
                "--take 99 --out x.cradle.json | there are",
            })
    void wrongWish_isNamed(String wish, String words) {
        String[] arguments = ("cradle " + SKID + " " + wish).split(" ");
        CommandRun run = CommandRun.of(arguments);
        assertThat(run.code()).isEqualTo(Main.WRONG_INPUT);
        assertThat(run.err()).contains(words);
        assertThat(Files.exists(Path.of("x.cradle.json"))).isFalse();
    }
}
