package oddcradle.files.report;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.List;
import java.util.OptionalDouble;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Severity;
import oddcradle.core.proof.Proven;
import oddcradle.core.propose.WholeDesign;
import oddcradle.core.units.UnitStyle;
import oddcradle.files.job.DemoJobs;
import org.junit.jupiter.api.Test;

class DesignTextTest {
    private static final Proven PROVEN =
            Proven.of(Examination.of(DemoJobs.SALTMARSH_RUNABOUT.load().job()));
    private static final List<Finding> STOPS = PROVEN.findings().stream()
            .filter(each -> each.severity() == Severity.STOP)
            .toList();

    private static WholeDesign.Result result(OptionalDouble years) {
        WholeDesign.Design design =
                new WholeDesign.Design(Phrase.of("seat as it is: ring"), PROVEN, STOPS.size(), 4, 2.5, years);
        return new WholeDesign.Result(List.of(design), List.of(STOPS.get(0)));
    }

    @Test
    void design_tellsWhatSpeaksForAndAgainstIt() {
        String text = DesignText.of("Runabout", result(OptionalDouble.of(3.25)), UnitStyle.MILLIMETRES);
        assertThat(text)
                .startsWith("Runabout\n1. seat as it is: ring\n")
                .contains(STOPS.size() + " × stop, 4 × watch; cradle 2.5")
                .contains("first weld cracked after 3.25 years")
                .contains("    stop: " + STOPS.get(0).what().in(UnitStyle.MILLIMETRES))
                .contains("In the way of every design:\n    ")
                .contains("no verdict");
        assertThat(DesignText.of("Runabout", result(OptionalDouble.empty()), UnitStyle.MILLIMETRES))
                .contains("no weld wears");
    }

    @Test
    void nothingFound_isSaid() {
        String text = DesignText.of("Bare", new WholeDesign.Result(List.of(), List.of()), UnitStyle.MILLIMETRES);
        assertThat(text).contains("No design").doesNotContain("In the way");
    }

    @Test
    void json_hasEveryStop() throws Exception {
        JsonNode json = new ObjectMapper().readTree(DesignText.json(result(OptionalDouble.of(3.25))));
        JsonNode design = json.get("designs").get(0);
        assertThat(design.get("stops")).hasSize(STOPS.size());
        assertThat(design.get("years").doubleValue()).isEqualTo(3.25);
        assertThat(json.get("in_the_way")).hasSize(1);
    }
}
