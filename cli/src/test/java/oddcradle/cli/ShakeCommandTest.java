package oddcradle.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ShakeCommandTest {
    @ParameterizedTest
    @ValueSource(strings = {"saltmarsh-runabout", "hut-skid", "whimbrel", "orchard-tug", "pier-porter", "reed-cutter"})
    void everyDemo_hasItsAnswers_fromNumbersThatAgreeWithItsMap(String demo) throws Exception {
        CommandRun run = CommandRun.of("shake", "../demo/" + demo + ".cradle.json", "--json");
        assertThat(run.code()).isZero();
        JsonNode json = new ObjectMapper().readTree(run.out());
        assertThat(json.get("answers")).hasSize(3);
        assertThat(CommandRun.of("shake", "../demo/" + demo + ".cradle.json").out())
                .contains("do not stay at");
        double idle = json.get("answers").get(0).get("value").doubleValue();
        // The greatest mount at idle, its orders added up as squares by who reads the file.
        double greatest = 0;
        for (JsonNode watch : json.get("idle_without_load").get("watches")) {
            double sum = 0;
            for (JsonNode order : watch.get("amplitudes")) {
                sum += Math.pow(order.get(0).doubleValue(), 2);
            }
            if (watch.get("of").asText().equals("mount_force")) {
                greatest = Math.max(greatest, Math.sqrt(sum));
            }
        }
        assertThat(greatest).isGreaterThan(1).isCloseTo(idle, within(1e-9 * idle));
        JsonNode full = json.get("full_throttle");
        assertThat(full.get("orders").size()).isBetween(6, 24);
        for (JsonNode watch : full.get("watches")) {
            assertThat(watch.get("amplitudes").size())
                    .isEqualTo(full.get("orders").size());
            assertThat(watch.get("amplitudes").get(0).size())
                    .isEqualTo(full.get("speeds").size());
        }
    }

    /** Starts, stops and load cases, and the same answers where the whole job is checked. */
    @Test
    void whatHappensOnce_isTold_andCheckCarriesTheAnswers() throws Exception {
        JsonNode shake = new ObjectMapper()
                .readTree(CommandRun.of("shake", "../demo/whimbrel.cradle.json", "--json")
                        .out());
        assertThat(shake.get("in_time").size()).isGreaterThan(4);
        for (JsonNode event : shake.get("in_time")) {
            assertThat(event.get("travel").doubleValue()).isNotNegative();
            assertThat(event.get("force").doubleValue()).isNotNegative();
            assertThat(event.get("how").asText()).isNotEmpty();
        }
        assertThat(CommandRun.of("shake", "../demo/whimbrel.cradle.json").out())
                .contains("dying: the output shaft goes")
                .contains("at its nearest; it needs");
        JsonNode check = new ObjectMapper()
                .readTree(CommandRun.of("check", "../demo/whimbrel.cradle.json", "--json")
                        .out());
        assertThat(check.get("shake").get("answers")).isEqualTo(shake.get("answers"));
        assertThat(check.get("shake").get("passing")).isEqualTo(shake.get("passing"));
    }

    @Test
    void answersAreInABuildersWords_inHisUnits() {
        CommandRun run = CommandRun.of("shake", "../demo/saltmarsh-runabout.cradle.json", "--inch");
        assertThat(run.code()).isZero();
        assertThat(run.out())
                .contains("What does the frame get at idle?")
                .contains("lbf")
                .contains("in/s")
                .contains("Pass through, do not stay at")
                .contains("rpm: order 1 at");
    }

    @Test
    void jobWithoutMounts_isToldWhatToDo(@TempDir Path folder) throws Exception {
        ObjectMapper mapper = new ObjectMapper();
        ObjectNode job = (ObjectNode)
                mapper.readTree(Path.of("../demo/hut-skid.cradle.json").toFile());
        ((ObjectNode) job.get("cradle")).putArray("isolators");
        Path file = folder.resolve("bare.cradle.json");
        Files.writeString(file, mapper.writeValueAsString(job));
        CommandRun run = CommandRun.of("shake", file.toString());
        assertThat(run.code()).isEqualTo(1);
        assertThat(run.err()).contains("Cradle, Mounts");
    }

    @Test
    void isolatorsAreNamed_andOneIsTakenIntoAnotherFile(@TempDir Path folder) throws Exception {
        Path out = folder.resolve("calm.cradle.json");
        CommandRun run = CommandRun.of(
                "shake", "../demo/pier-porter.cradle.json", "--choose", "--take", "1", "--out", out.toString());
        assertThat(run.err()).isEmpty();
        assertThat(run.out()).contains("1  calmest for people at cruise").contains("stiffest that still isolates");
        JsonNode named = new ObjectMapper()
                .readTree(CommandRun.of("shake", "../demo/pier-porter.cradle.json", "--choose", "--json")
                        .out())
                .get("isolators");
        assertThat(named).hasSize(4);
        double before = felt("../demo/pier-porter.cradle.json");
        assertThat(felt(out.toString())).isLessThan(0.2 * before);
        assertThat(CommandRun.of("shake", "../demo/pier-porter.cradle.json", "--take", "1")
                        .err())
                .contains("go together");
        assertThat(CommandRun.of("shake", "../demo/pier-porter.cradle.json", "--take", "9", "--out", out.toString())
                        .err())
                .contains("there are 4 answers");
    }

    /** What a person feels at cruise, m/s. */
    private static double felt(String job) throws Exception {
        return new ObjectMapper()
                .readTree(CommandRun.of("shake", job, "--json").out())
                .get("answers")
                .get(1)
                .get("value")
                .doubleValue();
    }
}
