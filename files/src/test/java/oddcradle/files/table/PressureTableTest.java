package oddcradle.files.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A measured pressure curve as people write it down. */
class PressureTableTest {
    private static final double FOUR_STROKE = 4 * Math.PI;

    @TempDir
    private Path folder;

    private interface Curve {
        double bar(double degrees);
    }

    /** One cycle, with its peak at firing top dead centre. */
    private static double usual(double degrees) {
        return 1 + 40 * Math.exp(-Math.pow((degrees > 360 ? degrees - 720 : degrees) / 40, 2));
    }

    private Path table(String header, double from, double to, double step, Curve curve) throws IOException {
        StringBuilder text = new StringBuilder(header).append('\n');
        for (double at = from; at <= to + 1e-9; at += step) {
            text.append(String.format(Locale.ROOT, "%.3f,%.5f%n", at, curve.bar((at + 720) % 720)));
        }
        return Files.writeString(folder.resolve("p.csv"), text);
    }

    @Test
    void cycleFromZero_andCycleOnBothSidesOfIt_areTheSame() throws IOException {
        List<Double> one = PressureTable.read(
                table("angle [deg],pressure [bar]", 0, 719, 1, PressureTableTest::usual), FOUR_STROKE);
        List<Double> two = PressureTable.read(
                table("Crank angle [deg],p [kPa]", -360, 360, 1, degrees -> 100 * usual(degrees)), FOUR_STROKE);
        assertThat(one).hasSize(720).hasSameSizeAs(two);
        assertThat(one.get(0)).isCloseTo(41e5, within(1.0));
        for (int k = 0; k < one.size(); k++) {
            assertThat(two.get(k)).as("sample " + k).isCloseTo(one.get(k), within(20.0));
            assertThat(one.get(k)).isCloseTo(usual(k) * 1e5, within(20.0));
        }
    }

    @Test
    void partOfACycle_isNamedByWhereItLacks() throws IOException {
        Path half = table("angle [deg],pressure [bar]", 0, 500, 2, PressureTableTest::usual);
        assertThatThrownBy(() -> PressureTable.read(half, FOUR_STROKE))
                .isInstanceOf(UnreadableTable.class)
                .hasMessageContaining("nothing between")
                .hasMessageContaining("720°");
    }

    @Test
    void endsThatDoNotMeet_areNamed() throws IOException {
        Path open = table("angle [deg],pressure [bar]", 0, 360, 1, degrees -> 1 + degrees / 100);
        assertThatThrownBy(() -> PressureTable.read(open, 2 * Math.PI)).hasMessageContaining("does not close");
    }

    @Test
    void anglesWithoutUnit_areAskedFor() throws IOException {
        Path plain = table("angle,pressure", 0, 719, 1, PressureTableTest::usual);
        assertThatThrownBy(() -> PressureTable.read(plain, FOUR_STROKE)).hasMessageContaining("angle [deg]");
    }
}
