package oddcradle.files.report;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.StreamSupport;
import oddcradle.core.cure.Cures;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Severity;
import oddcradle.core.job.Job;
import oddcradle.core.proof.Proven;
import oddcradle.core.report.Cure;
import oddcradle.core.units.UnitStyle;
import oddcradle.files.job.DemoJobs;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class ReportTest {
    private static final Job JOB = DemoJobs.SALTMARSH_RUNABOUT.load().job();
    private static final Examination DEMO = Examination.of(JOB);

    /** Every demo is examined without a failure, conforms, survives a save, and its cures mend what they say. */
    @ParameterizedTest
    @EnumSource(DemoJobs.class)
    void everyDemo_isExaminedAndConforms(DemoJobs demo) throws IOException {
        JsonSchema schema = JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                .getSchema(Files.readString(Path.of("../docs/schema/results.schema.json")));
        Examination examination = Examination.of(demo.load().job());
        JsonNode results = new ObjectMapper().readTree(ResultsJson.of(Proven.of(examination)));
        assertThat(schema.validate(results)).isEmpty();
        // Nobody has measured those two yet.
        int measured = demo == DemoJobs.PIER_PORTER || demo == DemoJobs.REED_CUTTER ? 0 : 4;
        assertThat(results.at("/survey/donor/points").size()).isEqualTo(measured);
        assertThat(results.at("/survey/donor/missing").size()).isZero();
        assertThat(results.at("/survey/host/points").size()).isEqualTo(measured);
        assertThat(examination.load().answer()).isPresent();
        assertThat(examination.shake().answer()).isPresent();
        long slips = examination.findings().stream()
                .filter(finding -> finding.code().id().equals("survey.slip"))
                .count();
        assertThat(slips).isEqualTo(demo == DemoJobs.SALTMARSH_RUNABOUT ? 1 : 0);
    }

    @Test
    void resultsOfTheDemo_conformToThePublishedSchema() throws IOException {
        JsonSchema schema = JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                .getSchema(Files.readString(Path.of("../docs/schema/results.schema.json")));
        JsonNode results = new ObjectMapper().readTree(ResultsJson.of(Proven.of(DEMO)));
        assertThat(schema.validate(results)).isEmpty();
        Job bare = JOB.withCradle(JOB.cradle().withIsolators(List.of()));
        assertThat(schema.validate(new ObjectMapper().readTree(ResultsJson.of(Proven.of(Examination.of(bare))))))
                .isEmpty();
    }

    @Test
    void results_holdWhatWasComputed() throws IOException {
        JsonNode results = new ObjectMapper().readTree(ResultsJson.of(Proven.of(DEMO)));
        assertThat(results.at("/line/stages/0/offset").asDouble()).isCloseTo(0.0046, within(1e-9));
        assertThat(results.at("/line/stages/0/links").asInt()).isEqualTo(88);
        long ofDonor = StreamSupport.stream(results.at("/gaps").spliterator(), false)
                .filter(gap -> !gap.toString().contains("\"S1\""))
                .count();
        assertThat(ofDonor)
                .isEqualTo((long) JOB.donor().parts().size()
                        * (JOB.host().keepOuts().size()
                                + JOB.host().members().size()
                                + JOB.cradle().members().size()));
        assertThat(results.at("/modes/frequencies_hz").size()).isEqualTo(6);
        // A four-stroke shakes at halves up to the sixth order; order 1 of 1300 rpm is 21.7 Hz.
        assertThat(results.at("/modes/idle/orders").size()).isBetween(6, 12);
        assertThat(results.at("/modes/idle/orders").findValuesAsText("order")).contains("1.0", "2.0");
        assertThat(results.at("/modes/cruise/speed").asDouble()).isCloseTo(5000 * Math.PI / 30, within(0.01));
        assertThat(results.at("/load_cases/2/equilibrium_error").asDouble()).isLessThan(1e-9);
        assertThat(results.at("/cut_list").size()).isEqualTo(10);
    }

    @Test
    void text_namesWorstStopsAndCures() {
        String text = ResultsText.of(Proven.of(DEMO), UnitStyle.MILLIMETRES, true);
        assertThat(text)
                .contains(
                        "3 Line: stop",
                        "STOP  chain: its planes are 4.6 mm apart",
                        "cure: rear sprocket spacer 4.6 mm");
        assertThat(ResultsText.of(Proven.of(DEMO), UnitStyle.DECIMAL_INCHES, true))
                .contains("0.181 in apart");
    }

    /** Applying the first cure of each finding mends that finding; they say so because they were tried. */
    @Test
    void everyCureOfTheDemo_mendsItsOwnFinding() {
        int tried = 0;
        for (Finding finding : DEMO.findings()) {
            for (Cure cure : Cures.of(DEMO, finding)) {
                Examination after = Examination.of(cure.edit().applyTo(JOB), DEMO);
                boolean still = after.findings().stream()
                        .filter(other -> other.severity() != Severity.GOOD)
                        .anyMatch(other -> other.code().equals(finding.code())
                                && other.where().ids().equals(finding.where().ids()));
                assertThat(still).as(cure.label().in(UnitStyle.MILLIMETRES)).isFalse();
                tried++;
            }
        }
        assertThat(tried).isGreaterThanOrEqualTo(5);
    }
}
