package oddcradle.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class LoadCommandTest {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    @TempDir
    private Path folder;

    /** The aeroplane with bay diagonals of thin tube: they buckle, stouter ones are found and written, and those hold. */
    @Test
    void frameThatBuckles_isToldAndMadeToHold() throws Exception {
        ObjectNode job = (ObjectNode) MAPPER.readTree(Files.readString(Path.of("../demo/whimbrel.cradle.json")));
        int thinned = 0;
        for (JsonNode tube : job.get("host").get("members")) {
            if (tube.get("id").asText().matches("H8|H9")) {
                ((ObjectNode) tube.get("section")).put("od", 0.015875).put("wall", 0.000889);
                thinned++;
            }
        }
        assertThat(thinned).isEqualTo(2);
        Path thin = folder.resolve("thin.json");
        Files.writeString(thin, job.toString());
        CommandRun told = CommandRun.of("load", thin.toString());
        assertThat(told.code()).isEqualTo(1);
        assertThat(told.out()).contains("Does it hold?", "buckles", "1. ", ", all holds: ", "licensed eye");
        Path stout = folder.resolve("stout.json");
        CommandRun written = CommandRun.of("load", thin.toString(), "--json", "--take", "1", "--out", stout.toString());
        JsonNode json = MAPPER.readTree(written.out());
        JsonNode first = json.get("answers").get(0);
        assertThat(first.get("holds").asBoolean()).isTrue();
        assertThat(first.get("utilisation").doubleValue()).isLessThanOrEqualTo(1);
        assertThat(first.get("changes")).isNotEmpty();
        assertThat(json.get("load").get("joints")).isNotEmpty();
        assertThat(json.get("load").get("lives").get(0).get("hours").doubleValue())
                .isPositive();
        CommandRun then = CommandRun.of("load", stout.toString());
        assertThat(then.code()).isZero();
        assertThat(then.out()).doesNotContain("buckles:");
        assertThat(CommandRun.of("load", thin.toString(), "--take", "1").code()).isEqualTo(2);
    }

    /** Whole designs of the luggage kart: told as they come, the first at least as free of stops as the job itself, and written. */
    @Test
    void wholeDesigns_areToldAndTaken() throws Exception {
        String porter = "../demo/pier-porter.cradle.json";
        Path taken = folder.resolve("taken.json");
        CommandRun run = CommandRun.of("design", porter, "--json", "--take", "1", "--out", taken.toString());
        JsonNode designs = MAPPER.readTree(run.out()).get("designs");
        assertThat(designs.size()).isBetween(2, 5);
        int before = -1;
        for (JsonNode design : designs) {
            assertThat(design.get("mass").doubleValue()).isBetween(0.5, 30.0);
            assertThat(design.get("stops").size()).isGreaterThanOrEqualTo(before);
            before = design.get("stops").size();
        }
        assertThat(run.err()).contains("%");
        JsonNode checked = MAPPER.readTree(
                CommandRun.of("check", taken.toString(), "--json").out());
        int stops = 0;
        for (JsonNode step : checked.get("steps")) {
            for (JsonNode finding : step.get("findings")) {
                stops += finding.get("severity").asText().equals("stop") ? 1 : 0;
            }
        }
        assertThat(stops).isEqualTo(designs.get(0).get("stops").size());
    }
}
