package oddcradle.files.calc;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.List;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.SolidDistance;
import oddcradle.core.geometry.motion.Motion;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;

class MovingDistanceTest {
    private static final String ARM =
            """
            {"type": "capsule", "p0": [0.2, 0, 0], "p1": [0.7, 0.1, 0.05], "radius": 0.04, "motions": [
              {"type": "turn", "point": [0, 0, 0], "axis": [0, 0.1, 1], "from": -0.8, "to": 0.9},
              {"type": "slide", "direction": [0, 0, 1], "from": -0.05, "to": 0.1}]}""";
    private static final String POST =
            """
            {"type": "cylinder", "p0": [0.3, 0.6, -0.2], "p1": [0.35, 0.6, 0.4], "radius": 0.05}""";

    private static JsonNode answer(String question) throws Exception {
        return new ObjectMapper()
                .readTree(Calculators.answer("distance", question).json());
    }

    @Test
    void sweptDistance_isTheLeastOfDenseSamples_whicheverMoves() throws Exception {
        Solid arm = new Solid.Capsule(new Vec3(0.2, 0, 0), new Vec3(0.7, 0.1, 0.05), 0.04);
        Solid post = new Solid.Cylinder(new Vec3(0.3, 0.6, -0.2), new Vec3(0.35, 0.6, 0.4), 0.05);
        Motion turn = new Motion.Turn(Vec3.ZERO, new Vec3(0, 0.1, 1), -0.8, 0.9);
        Motion slide = new Motion.Slide(Vec3.Z, -0.05, 0.1);
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i <= 300; i++) {
            for (int j = 0; j <= 30; j++) {
                Solid there = Motion.carried(
                        arm, List.of(turn, slide), new double[] {-0.8 + 1.7 * i / 300, -0.05 + 0.15 * j / 30});
                least = Math.min(least, SolidDistance.between(there, post).distance());
            }
        }
        JsonNode one = answer("{\"a\": " + ARM + ", \"b\": " + POST + "}");
        JsonNode other = answer("{\"a\": " + POST + ", \"b\": " + ARM + "}");
        assertThat(one.get("distance").asDouble()).isBetween(least - 2e-4, least + 1e-9);
        assertThat(other.get("distance").asDouble())
                .isCloseTo(one.get("distance").asDouble(), within(1e-8));
        Solid at = Motion.carried(arm, List.of(turn, slide), new double[] {
            one.get("at_a").get(0).asDouble(), one.get("at_a").get(1).asDouble()
        });
        assertThat(SolidDistance.between(at, post).distance())
                .isCloseTo(one.get("distance").asDouble(), within(1e-9));
    }

    @Test
    void bothMoving_areHeldAgainstEachOther() throws Exception {
        String question =
                """
                {"a": {"type": "sphere", "center": [0, 0, 0], "radius": 0.1,
                       "motion": {"type": "slide", "direction": [1, 0, 0], "from": 0, "to": 0.3}},
                 "b": {"type": "sphere", "center": [1, 0, 0], "radius": 0.1,
                       "motion": {"type": "slide", "direction": [1, 0, 0], "from": -0.2, "to": 0.5}}}""";
        JsonNode out = answer(question);
        assertThat(out.get("distance").asDouble()).isCloseTo(0.3, within(1e-9));
        assertThat(out.get("at_a").get(0).asDouble()).isCloseTo(0.3, within(1e-9));
        assertThat(out.get("at_b").get(0).asDouble()).isCloseTo(-0.2, within(1e-9));
        assertThat(out.get("point_a").get(0).asDouble()).isCloseTo(0.4, within(1e-6));
    }

    @Test
    void wrongMotions_areNamed() throws Exception {
        JsonNode turned = answer(
                """
                {"a": {"type": "sphere", "center": [0, 0, 0], "radius": 1, "motions": [
                   {"type": "slide", "direction": [0, 0, 1], "from": 0.2, "to": 0.1}]},
                 "b": {"type": "sphere", "center": [3, 0, 0], "radius": 1}}""");
        assertThat(turned.get("error").get("field").asText()).isEqualTo("a.motions[0].to");
        JsonNode unknown = answer(
                """
                {"a": {"type": "sphere", "center": [0, 0, 0], "radius": 1, "motions": [{"type": "hop"}]},
                 "b": {"type": "sphere", "center": [3, 0, 0], "radius": 1}}""");
        assertThat(unknown.get("error").get("message").asText()).contains("turn or slide");
    }
}
