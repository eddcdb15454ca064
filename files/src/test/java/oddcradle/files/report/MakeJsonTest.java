package oddcradle.files.report;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import oddcradle.core.examine.Examination;
import oddcradle.core.step.make.CutTube;
import oddcradle.files.job.DemoJobs;
import org.junit.jupiter.api.Test;

/** What Make tells, as another program reads it. */
class MakeJsonTest {
    private static final Examination DEMO =
            Examination.of(DemoJobs.WHIMBREL.load().job());
    private static final JsonNode MAKE = made();

    private static JsonNode made() {
        ObjectNode out = new ObjectMapper().createObjectNode();
        MakeJson.write(out, DEMO);
        return out;
    }

    @Test
    void everyTube_isOnOneBar_andNoBarIsLongerThanItIs() {
        List<String> tubes = new ArrayList<>();
        for (JsonNode bar : MAKE.get("bars")) {
            double end = 0;
            for (JsonNode piece : bar.get("pieces")) {
                assertThat(piece.get("from").asDouble()).isGreaterThanOrEqualTo(end - 1e-12);
                end = piece.get("from").asDouble() + piece.get("length").asDouble();
                tubes.add(piece.get("tube").asText());
            }
            assertThat(end + bar.get("left").asDouble())
                    .isLessThan(bar.get("length").asDouble() + 1e-9);
            // An inch shop buys twenty feet.
            assertThat(bar.get("length").asDouble()).isCloseTo(6.096, within(1e-9));
        }
        assertThat(tubes)
                .containsExactlyInAnyOrderElementsOf(DEMO.cutList().stream()
                        .map(CutTube::tube)
                        .map(tube -> tube.id())
                        .toList());
    }

    @Test
    void weldsHolesAndSteps_areThere() {
        assertThat(MAKE.get("stock_problem").asText()).isEmpty();
        assertThat(MAKE.get("welds")).hasSizeGreaterThan(20);
        assertThat(MAKE.get("welds").get(0).get("mark").asText()).isEqualTo("W1");
        assertThat(MAKE.get("holes")).hasSize(4);
        assertThat(MAKE.get("dummy")).hasSize(5);
        assertThat(MAKE.get("spanners").get(0).asText()).isEqualTo("5/8 in");
        assertThat(MAKE.get("order"))
                .isNotEmpty()
                .allSatisfy(step -> assertThat(step.get("check").asText()).isNotBlank());
    }
}
