package oddcradle.files.report;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.Job;
import oddcradle.core.job.book.LogEntry;
import oddcradle.core.pocket.Pocket;
import oddcradle.core.pocket.PocketAnswer;
import oddcradle.core.pocket.Question;
import oddcradle.core.units.UnitStyle;
import oddcradle.files.handout.HandTable;
import oddcradle.files.handout.JobTables;
import oddcradle.files.job.DemoJobs;
import oddcradle.files.paper.Packet;
import oddcradle.files.paper.PacketPart;
import oddcradle.files.paper.PaperSize;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** The book on paper, as a table and for programs. */
class RunReportTest {
    private static final Examination RUNABOUT =
            Examination.of(DemoJobs.SALTMARSH_RUNABOUT.load().job());

    @Test
    void json_tellsControlsDueLogAndEvenings() throws IOException {
        JsonNode out = new ObjectMapper().readTree(RunJson.of(RUNABOUT, "2026-05-31"));
        assertThat(out.path("hours").asDouble()).isCloseTo(21.8 * 3600, within(1.0));
        JsonNode throttle = out.path("controls").get(0);
        assertThat(throttle.path("reached").asDouble())
                .isGreaterThan(throttle.path("wanted").asDouble());
        assertThat(throttle.path("cables").get(0).path("tightest").asDouble()).isGreaterThan(0.06);
        assertThat(out.path("log")).hasSize(17);
        assertThat(out.path("evenings").path("days").get(0).path("date").asText())
                .isGreaterThanOrEqualTo("2026-05-31");
        // The clutch cable comes on the ninth of June; a Tuesday is an evening.
        assertThat(out.path("evenings").toString()).contains("\"2026-06-09\"");
        for (JsonNode due : out.path("due")) {
            assertThat(due.path("over").asDouble())
                    .isCloseTo(out.path("hours").asDouble() - due.path("due_at").asDouble(), within(1e-6));
        }
    }

    @Test
    void text_tellsEachLineWithItsNumber() {
        String text = RunText.log(RUNABOUT, "2026-05-31", UnitStyle.MILLIMETRES);
        assertThat(text)
                .contains("run 21.8 h")
                .contains("isolators looked at at M1: 37.2 mm")
                .contains("vibration measured at seat: 6.8 mm/s")
                .contains("planned work ends on 2026-06-09");
        LogEntry plain = new LogEntry("2026-04-01", 0, 0, 0, LogEntry.Work.NOTE, "", "", "", 0, "");
        assertThat(RunText.line(plain, UnitStyle.MILLIMETRES)).isEqualTo("2026-04-01  0.0 h  0 starts  0 km  noted");
        assertThat(RunText.measured(plain, UnitStyle.MILLIMETRES)).isEmpty();
    }

    @Test
    void answer_bearsItsWhyInWordsAndForPrograms() throws IOException {
        PocketAnswer answer = Pocket.answer(
                Question.SHIM, Optional.empty(), Map.of("left", 0.0011, "right", 0.0007), Progress.UNWATCHED);
        assertThat(RunText.answer(answer, UnitStyle.MILLIMETRES)).contains("0.20 mm", "why: half of the difference");
        JsonNode json = new ObjectMapper().readTree(RunJson.of(Question.SHIM, answer));
        assertThat(json.path("figures").get(0).path("value").asDouble()).isCloseTo(0.0002, within(1e-12));
        assertThat(json.path("figures").get(0).path("inputs")).hasSize(2);
        assertThat(json.path("figures").get(0).path("unit").asText()).isEqualTo("m");
    }

    @Test
    void tables_holdEveryLineAndPart() {
        HandTable log = JobTables.LOG.of(RUNABOUT, UnitStyle.DECIMAL_INCHES);
        assertThat(log.rows())
                .hasSize(17)
                .allMatch(row -> row.size() == log.headings().size());
        assertThat(log.csv()).contains("1.465,in");
        assertThat(JobTables.PARTS.of(RUNABOUT, UnitStyle.MILLIMETRES).rows()).hasSize(4);
    }

    /** A shop prints the start list and the service sheet by themselves; nothing of a user's words breaks the page. */
    @Test
    void serviceSheet_hasTheStartInItsOrderAndRoomToWrite() throws IOException {
        Job job = RUNABOUT.job();
        Job odd = job.withBook(job.book()
                .noted(new LogEntry(
                        "2026-06-01",
                        22 * 3600.0,
                        67,
                        4e5,
                        LogEntry.Work.REPAIR,
                        "{} seat",
                        "50 % {}\nline\ttab",
                        "",
                        0,
                        "")));
        byte[] pdf = Packet.of(
                Examination.of(odd, RUNABOUT),
                new Packet.Wishes(
                        UnitStyle.MILLIMETRES, PaperSize.A4, EnumSet.of(PacketPart.SERVICE), LocalDate.of(2026, 6, 1)));
        try (PDDocument document = Loader.loadPDF(pdf)) {
            String text = new PDFTextStripper().getText(document);
            assertThat(text).contains("First start", "Service sheet", "hand on the switch", "chain measured", "22.0");
            assertThat(text.indexOf("before")).isLessThan(text.indexOf("in the first minute"));
        }
    }
}
