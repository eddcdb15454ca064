package oddcradle.files.report;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.nio.file.Files;
import java.nio.file.Path;
import oddcradle.core.examine.Examination;
import oddcradle.core.proof.Proven;
import oddcradle.files.job.DemoJobs;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The Seat step in the printed results. */
class SeatJsonTest {
    private static JsonNode results(DemoJobs demo) throws Exception {
        return new ObjectMapper()
                .readTree(ResultsJson.of(Proven.of(Examination.of(demo.load().job()))));
    }

    @ParameterizedTest
    @EnumSource(DemoJobs.class)
    void seatOfEveryDemo_keepsToTheSchema_andAddsUp(DemoJobs demo) throws Exception {
        JsonNode results = results(demo);
        assertThat(JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                        .getSchema(Files.readString(Path.of("../docs/schema/results.schema.json")))
                        .validate(results))
                .isEmpty();
        double before = Double.NEGATIVE_INFINITY;
        for (JsonNode gap : results.get("gaps")) {
            double movement = 0;
            for (JsonNode each : gap.get("movement")) {
                movement += each.get("amount").asDouble();
            }
            assertThat(gap.get("left").asDouble()).isCloseTo(gap.get("distance").asDouble() - movement, within(1e-12));
            double margin = gap.get("margin").asDouble();
            assertThat(margin)
                    .isCloseTo(gap.get("left").asDouble() - gap.get("limit").asDouble(), within(1e-12))
                    .isGreaterThanOrEqualTo(before);
            before = margin;
            double chance = gap.get("chance_short").asDouble();
            assertThat(margin < 0 ? chance >= 0.5 : chance <= 0.5).isTrue();
            assertThat(gap.get("rule").get("kind").asText()).isNotBlank();
        }
        JsonNode seat = results.get("seat");
        assertThat(seat.get("neighbours")).isNotEmpty();
        assertThat(seat.get("mount_bolts")).hasSize(4);
        assertThat(seat.get("odds").get("all").asDouble())
                .isLessThanOrEqualTo(seat.get("odds").get("bolts").asDouble());
        assertThat(seat.get("lift").get("balanced").asBoolean()).isTrue();
        double weight = 0;
        for (JsonNode strap : seat.get("lift").get("straps")) {
            weight += strap.get("load").asDouble()
                    * Math.cos(strap.get("from_vertical").asDouble());
        }
        double mass = demo.load().job().donor().mass().mass();
        assertThat(weight).isCloseTo(mass * 9.80665, within(1e-6));
    }

    @ParameterizedTest
    @EnumSource(value = DemoJobs.class, names = "SALTMARSH_RUNABOUT")
    void limitsAndBracketsOfTheRunabout_areTold(DemoJobs demo) throws Exception {
        JsonNode seat = results(demo).get("seat");
        assertThat(seat.get("limits")).hasSize(4);
        for (JsonNode limit : seat.get("limits")) {
            assertThat(limit.get("free").asDouble()).isBetween(0.0, 0.5);
            if (limit.has("stopped_by")) {
                assertThat(limit.get("more_without_it").asDouble()).isNotNegative();
            }
        }
        JsonNode turns = seat.get("brackets").get(0).get("turns");
        assertThat(turns).hasSize(10);
        boolean flipped = false;
        for (JsonNode turn : turns) {
            flipped |= turn.get("flipped").asBoolean();
        }
        assertThat(flipped).isTrue();
    }
}
