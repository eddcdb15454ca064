package oddcradle.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import oddcradle.files.job.JobStore;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class LogAndAskTest {
    private static final Path RUNABOUT = Path.of("../demo/saltmarsh-runabout.cradle.json");

    @TempDir
    private Path folder;

    private Path job() throws IOException {
        return Files.copy(RUNABOUT, folder.resolve("runabout.cradle.json"));
    }

    private static int lines(Path job) throws IOException {
        return new JobStore(Clock.systemUTC()).open(job).job().book().log().size();
    }

    @Test
    void log_listsWhatIsDueAndTakesOneMoreLine() throws IOException {
        Path job = job();
        CommandRun listed = CommandRun.of("log", job.toString());
        assertThat(listed.code()).isZero();
        assertThat(listed.out()).contains("overdue by 1.3 h: chain measured", "one spring off its hook");
        int before = lines(job);
        CommandRun added = CommandRun.of(
                "log", job.toString(), "--add", "chain", "--date", "2026-06-03", "--hours", "23", "--value", "0.5%");
        assertThat(added.code()).isZero();
        assertThat(added.out()).contains("chain measured: 0.5 %").doesNotContain("overdue by 1.3 h: chain");
        assertThat(lines(job)).isEqualTo(before + 1);
    }

    @Test
    void log_refusesHoursThatRunBackAndLosesNothing() throws IOException {
        Path job = job();
        String before = Files.readString(job);
        CommandRun back = CommandRun.of("log", job.toString(), "--add", "run", "--date", "2026-06-03", "--hours", "3");
        assertThat(back.code()).isEqualTo(2);
        assertThat(back.err()).contains("hours", "runs back");
        CommandRun early = CommandRun.of("log", job.toString(), "--add", "run", "--date", "2026-01-03");
        assertThat(early.err()).contains("a log runs forwards");
        CommandRun jet = CommandRun.of("log", job.toString(), "--add", "jet", "--date", "2026-06-03", "--value", "4mm");
        assertThat(jet.code()).isEqualTo(2);
        CommandRun nonsense = CommandRun.of("log", job.toString(), "--add", "polish");
        assertThat(nonsense.err()).contains("polish", "bolts, cracks");
        assertThat(Files.readString(job)).isEqualTo(before);
    }

    /** The customer is shown money and dates, and not what the shop keeps to itself. */
    @Test
    void log_writesATableAndAPageForTheCustomer() throws IOException {
        Path csv = folder.resolve("log.csv");
        Path pdf = folder.resolve("page.pdf");
        CommandRun run =
                CommandRun.of("log", job().toString(), "--csv", csv.toString(), "--customer", pdf.toString(), "--json");
        assertThat(run.code()).isZero();
        assertThat(Files.readAllLines(csv))
                .hasSize(1 + lines(RUNABOUT))
                .anyMatch(line -> line.contains("one size richer"));
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            String text = new PDFTextStripper().getText(document);
            assertThat(text).contains("marsh warden", "clutch cable, 1.4 m", "3 400", "1 800");
            assertThat(text).doesNotContain("pipe bender", "cycle shop", "chain guard sheet");
        }
        JsonNode json = new ObjectMapper().readTree(run.out());
        assertThat(json.path("controls")).hasSize(3);
        assertThat(json.path("due").size()).isGreaterThan(5);
    }

    @Test
    void ask_answersFromTypedNumbersAndNamesWhatIsWrong() throws IOException {
        CommandRun list = CommandRun.of("ask");
        assertThat(list.out().lines().filter(line -> !line.startsWith(" "))).hasSize(21);
        CommandRun teeth = CommandRun.of("ask", "teeth", "front=17", "rear=43", "--job", RUNABOUT.toString(), "--json");
        JsonNode json = new ObjectMapper().readTree(teeth.out());
        assertThat(json.path("figures").get(0).path("value").asDouble()).isEqualTo(43.0 / 17);
        assertThat(json.path("figures").get(0).path("formula").asText()).isNotBlank();
        CommandRun inches = CommandRun.of("ask", "edge", "hole=5/16", "edge=13mm");
        assertThat(inches.out()).contains("tight: 1.64 diameters", "why:");
        assertThat(CommandRun.of("ask", "jet", "jet=red").err()).contains("jet", "no number");
        assertThat(CommandRun.of("ask", "edge", "width=3mm").err()).contains("width", "hole, edge");
        assertThat(CommandRun.of("ask", "weather").err()).contains("weather");
        assertThat(CommandRun.of("ask", "collar").code()).isEqualTo(2);
    }
}
