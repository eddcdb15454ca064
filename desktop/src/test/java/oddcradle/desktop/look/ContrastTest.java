package oddcradle.desktop.look;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.scene.paint.Color;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ContrastTest {
    /** WCAG 2.1, relative luminance; from memory. */
    private static double luminance(Color colour) {
        return 0.2126 * linear(colour.getRed())
                + 0.7152 * linear(colour.getGreen())
                + 0.0722 * linear(colour.getBlue());
    }

    private static double linear(double share) {
        return share <= 0.04045 ? share / 12.92 : Math.pow((share + 0.055) / 1.055, 2.4);
    }

    private static double contrast(Color a, Color b) {
        double light = Math.max(luminance(a), luminance(b));
        double dark = Math.min(luminance(a), luminance(b));
        return (light + 0.05) / (dark + 0.05);
    }

    private static Map<String, Color> colours(String look) throws IOException {
        String sheet = new String(
                ContrastTest.class
                        .getResourceAsStream("/oddcradle/desktop/look.css")
                        .readAllBytes(),
                StandardCharsets.UTF_8);
        Matcher block = Pattern.compile("\\." + look + " \\{([^}]*)\\}").matcher(sheet);
        assertThat(block.find()).isTrue();
        Map<String, Color> colours = new HashMap<>();
        Matcher role = Pattern.compile("-oc-([a-z-]+): (#[0-9A-F]{6})").matcher(block.group(1));
        while (role.find()) {
            colours.put(role.group(1), Color.web(role.group(2)));
        }
        return colours;
    }

    private static void atLeast(String look, double least, String front, String ground) throws IOException {
        Map<String, Color> colours = colours(look);
        assertThat(contrast(colours.get(front), colours.get(ground)))
                .as(look + ": " + front + " on " + ground)
                .isGreaterThanOrEqualTo(least);
    }

    /** Words on what they stand on: WCAG AA, 4.5 to 1. */
    @ParameterizedTest
    @CsvSource({
        "ink, paper sheet hover floor",
        "graphite, paper sheet hover floor",
        "blue, paper sheet hover floor",
        "stop, paper sheet hover",
        "watch, sheet hover",
        "good, sheet hover",
        "on-blue, blue"
    })
    void wordsCanBeReadInBothLooks(String word, String grounds) throws IOException {
        for (String ground : grounds.split(" ")) {
            atLeast("paper", 4.5, word, ground);
            atLeast("night", 4.5, word, ground);
        }
    }

    /** What is drawn stands out from the floor: WCAG AA for graphics, 3 to 1. */
    @ParameterizedTest
    @CsvSource({"tube", "cradle", "donor", "hot", "graphite", "stop"})
    void whatIsDrawnStandsOutFromTheFloor(String drawn) throws IOException {
        atLeast("paper", 3, drawn, "floor");
        atLeast("night", 3, drawn, "floor");
    }
}
