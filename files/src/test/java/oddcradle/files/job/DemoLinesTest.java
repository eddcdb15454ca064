package oddcradle.files.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.util.List;
import oddcradle.core.cure.Cures;
import oddcradle.core.drive.Stage;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Freedom;
import oddcradle.core.job.line.Datum;
import oddcradle.core.proof.Proven;
import oddcradle.core.step.line.RoadChart;
import oddcradle.core.structure.LineResult;
import oddcradle.files.report.ResultsJson;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The four demo jobs have a true line by their own datum; the figures are worked out again here by plain arithmetic. */
class DemoLinesTest {
    private static Examination examined(DemoJobs demo) {
        return Examination.of(demo.load().job());
    }

    private static double figure(Examination examination, String name) {
        return examination.report(Step.LINE).figures().stream()
                .filter(each -> each.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no figure " + name))
                .quantity()
                .si();
    }

    @ParameterizedTest
    @EnumSource(DemoJobs.class)
    void line_isTrueByItsDatum_onceTheCuresAreApplied(DemoJobs demo) {
        Job job = demo.load().job();
        for (int round = 0; round < 3; round++) {
            Examination examination = Examination.of(job);
            List<Finding> stops = examination.report(Step.LINE).findings().stream()
                    .filter(finding -> finding.severity() == Severity.STOP)
                    .toList();
            if (stops.isEmpty()) {
                break;
            }
            job = Cures.of(examination, stops.get(0)).get(0).edit().applyTo(job);
        }
        Examination mended = Examination.of(job);
        assertThat(mended.report(Step.LINE).findings()).noneMatch(finding -> finding.severity() == Severity.STOP);
        assertThat(job.line().datum().rule()).isNotEqualTo(Datum.Rule.FREE);
        assertThat(job.line().datum().reason()).isNotBlank();
        assertThat(job.seat().held())
                .containsAll(List.of(Freedom.values()).stream()
                        .filter(freedom -> !mended.openFreedoms().contains(freedom))
                        .toList());
    }

    @Test
    void saltmarsh_runsOnEightyEightLinks() {
        Examination demo = examined(DemoJobs.SALTMARSH_RUNABOUT);
        double centre = figure(demo, "chain: centre distance");
        // Handbook length in pitches, good to a few hundredths.
        double handbook = 2 * centre / 0.015875 + 55 / 2.0 + Math.pow(27 / (2 * Math.PI), 2) * 0.015875 / centre;
        assertThat(figure(demo, "chain: length, pitches")).isCloseTo(handbook, within(0.03));
        assertThat(figure(demo, "chain: links to buy")).isEqualTo(88);
        assertThat(figure(demo, "overall ratio, lowest gear")).isCloseTo(2.1 * 2.9 * 41 / 14, within(1e-9));
        // 5000 rpm in fifth on a tyre of 560 mm.
        double speed = 5000 / (2.1 * 1.16 * 41 / 14) * Math.PI / 30 * 0.28;
        assertThat(figure(demo, "road speed at cruise")).isCloseTo(speed, within(1e-6));
    }

    @Test
    void hutSkid_turnsItsFourPolesAtFiftyHertz() {
        Examination demo = examined(DemoJobs.HUT_SKID);
        assertThat(figure(demo, "engine turns, full load") * 30 / Math.PI).isCloseTo(1500, within(1e-6));
        assertThat(figure(demo, "shaft centres apart")).isLessThan(1e-6);
        assertThat(figure(demo, "first torsional frequency"))
                .isCloseTo(Math.sqrt(450 * (0.14 + 0.09) / (0.14 * 0.09)) / 2 / Math.PI, within(1e-9));
        assertThat(demo.roadChart()).isEmpty();
        assertThat(demo.openFreedoms()).containsExactly(Freedom.FORWARD, Freedom.ROLL);
    }

    @Test
    void whimbrel_clearsTheGroundAndStaysUnderMach() {
        Examination demo = examined(DemoJobs.WHIMBREL);
        double turns = 287.979327;
        assertThat(figure(demo, "propeller tip speed")).isCloseTo(turns * 0.86, within(1e-6));
        assertThat(figure(demo, "helical Mach number")).isCloseTo(Math.hypot(turns * 0.86, 58) / 340.29, within(1e-6));
        assertThat(figure(demo, "propeller over the ground")).isCloseTo(1.08 - 0.86, within(1e-6));
        assertThat(figure(demo, "propeller over the ground, strut and tyre flat"))
                .isCloseTo(0.10, within(1e-6));
        assertThat(figure(demo, "gyroscopic moment of yawing, pitches the nose"))
                .isCloseTo(0.62 * turns * 2.5, within(1e-3));
    }

    @Test
    void orchardTug_gearsDownThroughVariatorChainAndGears() {
        Examination demo = examined(DemoJobs.ORCHARD_TUG);
        LineResult line = demo.line();
        assertThat(line.stages()).hasSize(3);
        Stage.Variator variator = (Stage.Variator) line.stages().get(0).stage();
        double centre = line.stages().get(0).alignment().centreDistance();
        // The belt goes round the diameters that are told, checked with the series for its length.
        double driven = variator.driverLow() * line.stages().get(0).ratio();
        double length = 2 * centre
                + Math.PI * (driven + variator.driverLow()) / 2
                + Math.pow(driven - variator.driverLow(), 2) / (4 * centre);
        assertThat(length).isCloseTo(variator.beltLength(), within(2e-4));
        RoadChart chart = demo.roadChart().orElseThrow();
        assertThat(chart.gears()).hasSize(2);
        double low = chart.gears().get(0).ratio();
        assertThat(low).isCloseTo(line.stages().get(0).ratio() * 2 * 8, within(1e-9));
        assertThat(figure(demo, "jackshaft: first critical speed")).isGreaterThan(1000);
    }

    @ParameterizedTest
    @EnumSource(DemoJobs.class)
    void json_carriesTheLine(DemoJobs demo) throws IOException {
        Examination examination = examined(demo);
        JsonNode line = new ObjectMapper()
                .readTree(ResultsJson.of(Proven.of(examination)))
                .get("line");
        assertThat(line.get("stages")).hasSize(examination.line().stages().size());
        for (int k = 0; k < line.get("stages").size(); k++) {
            JsonNode stage = line.get("stages").get(k);
            assertThat(stage.get("ratio").doubleValue())
                    .isEqualTo(examination.line().stages().get(k).ratio());
            assertThat(stage.get("centre_distance").doubleValue())
                    .isEqualTo(examination.line().stages().get(k).alignment().centreDistance());
        }
        assertThat(line.get("open_freedoms")).hasSize(examination.openFreedoms().size());
        assertThat(line.has("road")).isEqualTo(examination.roadChart().isPresent());
        JsonNode gears = line.at("/road/gears");
        for (JsonNode gear : gears) {
            double before = -1;
            for (JsonNode point : gear.get("points")) {
                assertThat(point.get("road_speed").doubleValue()).isGreaterThan(before);
                before = point.get("road_speed").doubleValue();
            }
        }
    }
}
