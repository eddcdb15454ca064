package oddcradle.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class FitCommandTest {
    private static final String TUG = "../demo/orchard-tug.cradle.json";
    private static final ObjectMapper MAPPER = new ObjectMapper();

    @TempDir
    private Path folder;

    @Test
    void skid_isToldWhatToDo() {
        CommandRun told = CommandRun.of("fit", "../demo/hut-skid.cradle.json");

        assertThat(told.code()).isEqualTo(1);
        assertThat(told.out())
                .contains("M3 2.29 mm low", "to do, ream the hole", "to do, shim: 2.20 mm under M3", "then it fits")
                .contains("odds of the next try: every bolt goes in 6");
    }

    /** Readings come in as a table, are judged, and kept where that is asked for; the job they came to stays as it was. */
    @Test
    void readings_areJudgedAndKept() throws Exception {
        byte[] before = Files.readAllBytes(Path.of(TUG));
        JsonNode drawn = MAPPER.readTree(CommandRun.of("fit", TUG, "--json").out());
        assertThat(drawn.get("mounts")).hasSize(4);
        assertThat(drawn.get("mounts").get(0).get("measured").asBoolean()).isFalse();
        double up = upOf("M1") * 1000 - 3;
        Path table = Files.writeString(
                folder.resolve("r.csv"),
                "point,plane,reads [mm]\nM1,up," + up + "\nM1,forward," + forwardOf("M1") * 1000 + "\nM1,left,"
                        + leftOf("M1") * 1000 + "\n");
        Path kept = folder.resolve("kept.json");

        CommandRun run = CommandRun.of(
                "fit", TUG, "--json", "--readings", table.toString(), "--again", "welded", "--out", kept.toString());

        JsonNode first = MAPPER.readTree(run.out()).get("mounts").get(0);
        assertThat(run.code()).isZero();
        assertThat(first.get("measured").asBoolean()).isTrue();
        assertThat(first.get("lacks").doubleValue()).isBetween(0.00299, 0.00301);
        assertThat(MAPPER.readTree(
                                CommandRun.of("fit", kept.toString(), "--json").out())
                        .get("mounts"))
                .isEqualTo(MAPPER.readTree(run.out()).get("mounts"));
        assertThat(Files.readAllBytes(Path.of(TUG))).isEqualTo(before);
    }

    @Test
    void tableThatCannotBeRead_isTold() throws Exception {
        Path table = Files.writeString(folder.resolve("r.csv"), "point,plane,reads [mm]\nNOSE,up,12\n");

        CommandRun run = CommandRun.of("fit", TUG, "--readings", table.toString());

        assertThat(run.code()).isEqualTo(2);
        assertThat(run.err()).contains("r.csv", "NOSE");
    }

    private static JsonNode placed(String mount) throws Exception {
        JsonNode job = MAPPER.readTree(Files.readString(Path.of(TUG)));
        for (JsonNode isolator : job.get("cradle").get("isolators")) {
            if (isolator.get("id").asText().equals(mount)) {
                for (JsonNode boss : job.get("donor").get("bosses")) {
                    if (boss.get("id").equals(isolator.get("boss"))) {
                        return boss.get("position");
                    }
                }
            }
        }
        throw new AssertionError(mount);
    }

    private static double seat(int axis) throws Exception {
        JsonNode seat = MAPPER.readTree(Files.readString(Path.of(TUG))).get("seat");
        assertThat(seat.get("yaw").doubleValue()).isZero();
        assertThat(seat.get("pitch").doubleValue()).isZero();
        assertThat(seat.get("roll").doubleValue()).isZero();
        return seat.get("position").get(axis).doubleValue();
    }

    private static double forwardOf(String mount) throws Exception {
        return placed(mount).get(0).doubleValue() + seat(0);
    }

    private static double leftOf(String mount) throws Exception {
        return placed(mount).get(1).doubleValue() + seat(1);
    }

    private static double upOf(String mount) throws Exception {
        return placed(mount).get(2).doubleValue() + seat(2);
    }
}
