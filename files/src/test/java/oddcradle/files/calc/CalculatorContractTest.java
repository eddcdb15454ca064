package oddcradle.files.calc;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.net.URISyntaxException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The examples of the calculator contract, computed by an independent program, with the contract's tolerances. */
class CalculatorContractTest {
    private static final ObjectMapper MAPPER = new ObjectMapper();
    /** Relative to the largest of its kind, and absolute. */
    private record Tolerance(double relative, double absolute) {}

    private static final Map<String, Tolerance> TOLERANCES = Map.ofEntries(
            Map.entry("modes", new Tolerance(1e-8, 1e-12)),
            Map.entry("frame", new Tolerance(1e-6, 1e-12)),
            Map.entry("distance", new Tolerance(0, 1e-7)),
            Map.entry("chain", new Tolerance(1e-9, 1e-12)),
            Map.entry("cope", new Tolerance(0, 1e-9)),
            Map.entry("drive", new Tolerance(1e-8, 1e-12)),
            Map.entry("shaft", new Tolerance(1e-3, 0)),
            Map.entry("boltgroup", new Tolerance(1e-8, 1e-12)),
            Map.entry("shaking", new Tolerance(1e-6, 1e-6)),
            Map.entry("gastorque", new Tolerance(1e-6, 1e-6)),
            Map.entry("response", new Tolerance(1e-5, 1e-12)),
            Map.entry("runup", new Tolerance(5e-3, 0)),
            Map.entry("unbalance", new Tolerance(1e-8, 0)),
            Map.entry("bend", new Tolerance(1e-9, 1e-9)),
            Map.entry("fit", new Tolerance(1e-9, 1e-11)),
            Map.entry("align", new Tolerance(1e-9, 1e-12)),
            Map.entry("jet", new Tolerance(1e-9, 0)),
            Map.entry("weld", new Tolerance(1e-6, 1e-7)),
            Map.entry("tab", new Tolerance(1e-9, 0)),
            Map.entry("fatigue", new Tolerance(1e-8, 0)),
            Map.entry("rubber", new Tolerance(1e-9, 0)));

    static List<Path> cases() throws IOException, URISyntaxException {
        Path root =
                Path.of(CalculatorContractTest.class.getResource("/calc-cases").toURI());
        try (Stream<Path> files = Files.walk(root)) {
            return files.filter(file -> file.toString().endsWith(".in.json"))
                    .sorted()
                    .toList();
        }
    }

    @ParameterizedTest
    @MethodSource("cases")
    void example_agreesWithinTheContractsTolerance(Path question) throws IOException {
        String name = question.getParent().getFileName().toString();
        JsonNode expected = MAPPER.readTree(
                Path.of(question.toString().replace(".in.json", ".out.json")).toFile());
        Calculators.Answer answer = Calculators.answer(name, Files.readString(question));
        assertThat(answer.allAnswered()).as(answer.json()).isTrue();
        JsonNode actual = MAPPER.readTree(answer.json());
        Map<String, Double> largest = new HashMap<>();
        collectLargest("", expected, largest);
        compare(name, "", expected, actual, largest);
    }

    /** Numbers of one kind are those reached by the same path without indices. */
    private static void collectLargest(String kind, JsonNode node, Map<String, Double> largest) {
        if (node.isNumber()) {
            largest.merge(kind, Math.abs(node.doubleValue()), Math::max);
        }
        node.fields().forEachRemaining(field -> collectLargest(kind + "." + field.getKey(), field.getValue(), largest));
        if (node.isArray()) {
            node.forEach(each -> collectLargest(kind, each, largest));
        }
    }

    /** What the new calculators are held to is each number itself. */
    private static double own(String name, String kind, JsonNode expected, Map<String, Double> largest) {
        return List.of("shaking", "gastorque", "rubber", "runup", "unbalance").contains(name)
                ? Math.abs(expected.doubleValue())
                : largest.get(kind);
    }

    private static void compare(
            String name, String kind, JsonNode expected, JsonNode actual, Map<String, Double> largest) {
        assertThat(actual).as(kind).isNotNull();
        if (expected.isNumber()) {
            double tolerance = TOLERANCES.get(name).absolute()
                    + TOLERANCES.get(name).relative() * own(name, kind, expected, largest);
            if (kind.equals(".modes.ke_percent")) {
                tolerance = 1e-4;
            } else if (kind.equals(".buckling_factor")) {
                tolerance = 0.005 * expected.doubleValue();
            }
            assertThat(actual.doubleValue()).as(kind).isCloseTo(expected.doubleValue(), within(tolerance));
        } else if (expected.isArray()) {
            assertThat(actual.size()).as(kind).isEqualTo(expected.size());
            for (int k = 0; k < expected.size(); k++) {
                compare(name, kind, expected.get(k), actual.get(k), largest);
            }
        } else if (expected.isObject()) {
            expected.fields()
                    .forEachRemaining(field -> compare(
                            name, kind + "." + field.getKey(), field.getValue(), actual.get(field.getKey()), largest));
        } else {
            assertThat(actual).as(kind).isEqualTo(expected);
        }
    }
}
