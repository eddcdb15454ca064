package oddcradle.files.report;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.fitup.FitUp;
import oddcradle.core.units.UnitStyle;
import oddcradle.files.job.DemoJobs;
import org.junit.jupiter.api.Test;

class FitJsonTest {
    private static final Examination SKID =
            Examination.of(DemoJobs.HUT_SKID.load().job());
    private static final FitUp FIT_UP = FitUp.of(SKID, Progress.UNWATCHED);

    /** Forces of the engine on its mounts balance each other: nothing pushes but the mounts themselves. */
    @Test
    void forcesThatStay_balanceEachOther() throws IOException {
        JsonNode json = new ObjectMapper().readTree(FitJson.of(SKID, FIT_UP));
        double[] sum = new double[3];
        double largest = 0;
        for (JsonNode mount : json.get("mounts")) {
            for (int k = 0; k < 3; k++) {
                double force = mount.get("force").get(k).doubleValue();
                sum[k] += force;
                largest = Math.max(largest, Math.abs(force));
            }
        }

        assertThat(json.get("mounts")).hasSize(4);
        assertThat(largest).isGreaterThan(10_000);
        for (double each : sum) {
            // A hand that pushes it to its line is a thousandth of the softest mount.
            assertThat(each).isCloseTo(0, within(0.02 * largest));
        }
    }

    @Test
    void shimsAreOfTheShop_andTextSaysTheSame() throws IOException {
        JsonNode json = new ObjectMapper().readTree(FitJson.of(SKID, FIT_UP));
        int pieces = 0;
        for (JsonNode answer : json.get("shims")) {
            for (JsonNode stack : answer.get("stacks")) {
                for (JsonNode piece : stack) {
                    assertThat(SKID.job().build().shop().tools().shims()).contains(piece.doubleValue());
                    pieces++;
                }
            }
        }
        assertThat(pieces).isGreaterThan(4);
        assertThat(json.get("fits").asBoolean()).isTrue();
        assertThat(json.get("work").get(0).get("kind").asText()).isEqualTo("ream the hole");
        assertThat(json.get("log").get("in").asInt()).isEqualTo(2);
        String inches = FitText.of(SKID, FIT_UP, UnitStyle.DECIMAL_INCHES);
        assertThat(inches).contains("M3 0.0902 in low", "then it fits").doesNotContain(" mm");
    }
}
