package oddcradle.files.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import oddcradle.core.math.Vec3;
import oddcradle.core.survey.DatumPlane;
import oddcradle.core.survey.Instrument;
import oddcradle.core.survey.Reading;
import oddcradle.core.survey.Survey;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ReadingTableTest {
    private static final Map<String, Vec3> PLACES =
            Map.of("M1", new Vec3(0.1, 0.2, 0.3), "M2", new Vec3(0.1, -0.2, 0.3));

    @TempDir
    private Path folder;

    private Survey read(String text) throws IOException {
        Path file = Files.writeString(folder.resolve("r.csv"), text.replace("\\n", "\n"));
        return ReadingTable.addedTo(Survey.NONE, PLACES, file);
    }

    @Test
    void offsetsAndDistances_comeWithTheirInstruments() throws IOException {
        Survey survey = read(
                "point;plane;to;reads;with;within [mm]\\nM1;up;;11 13/16 in;height gauge;0.1\\nM1;-;M2;15.75 in;tape;1\\n");

        Reading.Offset up = (Reading.Offset) survey.readings().get(0);
        Reading.Distance between = (Reading.Distance) survey.readings().get(1);
        assertThat(up.plane()).isEqualTo(DatumPlane.UP);
        assertThat(up.value()).isEqualTo(11.8125 * 0.0254);
        assertThat(up.instrument()).isEqualTo(Instrument.HEIGHT_GAUGE);
        assertThat(up.sigma()).isEqualTo(0.0001);
        assertThat(between.points()).containsExactly("M1", "M2");
        assertThat(survey.points()).hasSize(2);
        assertThat(survey.point("M2").orElseThrow().about()).isEqualTo(PLACES.get("M2"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "point,plane,reads\\nM1,up,300\\n|no unit",
                "point,plane,reads [mm]\\nM9,up,300\\n|names \"M9\"",
                "point,plane,reads [mm]\\nM1,sideways,300\\n|has the plane \"sideways\"",
                "point,plane,to,reads [mm]\\nM1,up,M2,300\\n|either a \"plane\"",
                "point,reads [mm]\\nM1,300\\n|either a \"plane\"",
                "point,to,reads [mm]\\nM1,M1,300\\n|name another",
                "point,plane,reads [mm],with\\nM1,up,300,eye\\n|was read with \"eye\"",
                "point,plane,reads [mm]\\nM1,up,300000\\n|line 2",
                "plane,reads [mm]\\nup,300\\n|no column \"point\"",
                "''|is empty"
            })
    void wrongRow_isNamedWithItsCure(String text, String told) {
        assertThatThrownBy(() -> read(text))
                .isInstanceOf(UnreadableTable.class)
                .hasMessageContaining("r.csv")
                .hasMessageContaining(told);
    }

    /** Whatever stands in a row, it is read or refused in words, and never more than it says. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4})
    void anyRows_areReadOrRefusedInWords(long seed) throws IOException {
        List<String> cells = List.of(
                "M1", "M2", "M7", "up", "left", "-", "", "12.5", "-1e9", "1/0", "NaN", "3 kg", "\u00e4", "tape", "eye",
                "0", "1e-12");
        Random random = new Random(seed);
        int read = 0;
        int refused = 0;
        for (int k = 0; k < 150; k++) {
            StringBuilder text = new StringBuilder("point,plane,to,reads [mm],with\n");
            int rows = 1 + random.nextInt(2);
            for (int row = 0; row < rows; row++) {
                List<String> some = new ArrayList<>(List.of("M1", "up", "", "300", "tape"));
                some.set(random.nextInt(5), cells.get(random.nextInt(cells.size())));
                text.append(String.join(",", some)).append('\n');
            }
            try {
                Survey survey = read(text.toString());
                assertThat(survey.readings()).hasSize(rows);
                read++;
            } catch (UnreadableTable told) {
                assertThat(told.getMessage()).startsWith("r.csv").doesNotContain("Exception");
                refused++;
            }
        }
        assertThat(read).isGreaterThan(5);
        assertThat(refused).isGreaterThan(20);
    }
}
