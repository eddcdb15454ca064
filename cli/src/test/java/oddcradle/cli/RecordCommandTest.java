package oddcradle.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class RecordCommandTest {
    private static final String TUG = "../demo/orchard-tug.cradle.json";

    @TempDir
    private Path folder;

    private String simulated() {
        String csv = folder.resolve("record.csv").toString();
        CommandRun written = CommandRun.of("record", TUG, "--simulate", csv);
        assertThat(written.code()).isZero();
        assertThat(written.out()).contains("written: ");
        return csv;
    }

    @Test
    void recordOfTheMachineAsListed_isAsPredicted_andAsItself() throws Exception {
        String csv = simulated();
        List<String> lines = Files.readAllLines(Path.of(csv));
        assertThat(lines.get(0)).isEqualTo("time [s],x [m/s2],y [m/s2],z [m/s2],speed [rpm]");
        assertThat(lines).hasSizeGreaterThan(20_000);
        CommandRun text = CommandRun.of("record", TUG, csv, "--earlier", csv);
        assertThat(text.code()).isZero();
        assertThat(text.out())
                .contains("It shakes as predicted.")
                .contains("As in the earlier record.")
                .contains("stiffness of the mounts 1.00 times as listed");
        JsonNode json = new ObjectMapper()
                .readTree(CommandRun.of("record", TUG, csv, "--json").out());
        assertThat(json.get("differs_db").doubleValue()).isLessThan(1);
        assertThat(json.get("explanations")).hasSize(4);
        assertThat(json.get("points").size()).isGreaterThan(60);
        for (JsonNode point : json.get("points")) {
            assertThat(point.get("measured").doubleValue()).isPositive();
            assertThat(point.get("predicted").doubleValue()).isPositive();
        }
    }

    @Test
    void wrongUse_isToldWithItsCure() throws Exception {
        CommandRun nothing = CommandRun.of("record", TUG);
        assertThat(nothing.code()).isNotZero();
        assertThat(nothing.err()).contains("--simulate FILE to write one");
        CommandRun nowhere = CommandRun.of("record", TUG, "x.csv", "--at", "the moon");
        assertThat(nowhere.code()).isNotZero();
        assertThat(nowhere.err()).contains("nothing is watched at").contains("output shaft");
        Path bad = folder.resolve("bad.csv");
        Files.writeString(bad, "time [s],x [g],y [g]\n0,0,0\n");
        CommandRun unread = CommandRun.of("record", TUG, bad.toString());
        assertThat(unread.code()).isNotZero();
        assertThat(unread.err()).contains("bad.csv").contains("\"z\"");
    }

    /** Steady noise without an engine in it is no record of an engine. */
    @Test
    void recordWithoutAnEngine_isRefused() throws Exception {
        StringBuilder still = new StringBuilder("time [s],x [m/s2],y [m/s2],z [m/s2]\n");
        Random random = new Random(5);
        for (int k = 0; k < 4000; k++) {
            still.append(k / 500.0)
                    .append(",")
                    .append(0.1 * random.nextGaussian())
                    .append(",")
                    .append(0.1 * random.nextGaussian())
                    .append(",")
                    .append(9.81 + 0.1 * random.nextGaussian())
                    .append("\n");
        }
        Path csv = folder.resolve("still.csv");
        Files.writeString(csv, still);
        CommandRun run = CommandRun.of("record", TUG, csv.toString());
        assertThat(run.code()).isNotZero();
        assertThat(run.err()).contains("add a column of rpm");
    }
}
