package oddcradle.files.settings;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import oddcradle.core.units.UnitStyle;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SettingsTest {
    @TempDir
    private Path folder;

    @Test
    void whatIsPut_isThereInTheNextRun() {
        Path file = folder.resolve("deep").resolve("settings.properties");
        Settings first = Settings.of(file);
        first.put("units", UnitStyle.DECIMAL_INCHES);
        first.put("width", 412.5);
        first.put("next", true);
        first.put("folder", "C:\\shed\\Größe #3 = \u2713");
        Settings next = Settings.of(file);
        assertThat(next.one("units", UnitStyle.MILLIMETRES)).isEqualTo(UnitStyle.DECIMAL_INCHES);
        assertThat(next.number("width", 0)).isEqualTo(412.5);
        assertThat(next.yes("next", false)).isTrue();
        assertThat(next.text("folder", "")).isEqualTo("C:\\shed\\Größe #3 = \u2713");
        next.remove("folder");
        assertThat(Settings.of(file).text("folder", "none")).isEqualTo("none");
        assertThat(next.takeTrouble()).isEmpty();
    }

    @Test
    void valuesOfAnotherKind_areTheUsualOnes() throws IOException {
        Path file = Files.writeString(folder.resolve("s"), "units=FURLONGS\nwidth=NaN\nheight=tall\nnext=perhaps\n");
        Settings settings = Settings.of(file);
        assertThat(settings.one("units", UnitStyle.MILLIMETRES)).isEqualTo(UnitStyle.MILLIMETRES);
        assertThat(settings.number("width", 360)).isEqualTo(360);
        assertThat(settings.number("height", 140)).isEqualTo(140);
        assertThat(settings.yes("next", true)).isTrue();
    }

    @Test
    void damagedFile_isTold_andReplacedByTheNextChange() throws IOException {
        Path file = Files.write(folder.resolve("s"), new byte[] {(byte) 0xC3, 0x28, 0, 1});
        Settings settings = Settings.of(file);
        assertThat(settings.takeTrouble().orElseThrow()).contains("damaged").contains(file.toString());
        assertThat(settings.takeTrouble()).isEmpty();
        settings.put("width", 400);
        assertThat(Settings.of(file).number("width", 0)).isEqualTo(400);
    }

    @Test
    void folderInTheFilesPlace_andBrokenEscape_areTold() throws IOException {
        assertThat(Settings.of(Files.createDirectory(folder.resolve("d"))).takeTrouble())
                .isPresent();
        Path escape = Files.writeString(folder.resolve("e"), "a=\\u12\n");
        assertThat(Settings.of(escape).takeTrouble().orElseThrow()).contains("damaged");
    }

    /** A file that stands where the folder should be cannot be written under, whoever asks. */
    @Test
    void settingsThatCannotBeKept_holdForThisRun_andAreTold() throws IOException {
        Path blocked = Files.createFile(folder.resolve("blocked"));
        Settings settings = Settings.of(blocked.resolve("settings.properties"));
        settings.put("width", 500);
        assertThat(settings.takeTrouble().orElseThrow()).contains("cannot be kept");
        assertThat(settings.number("width", 0)).isEqualTo(500);
    }

    /** Whatever stands in the file, the program goes on. */
    @Property(tries = 200)
    void anyBytes_areSettingsOrTold(@ForAll byte[] bytes) throws IOException {
        Path file = Files.createTempFile("settings", ".properties");
        try {
            Files.write(file, bytes);
            Settings settings = Settings.of(file);
            settings.number("x", new Random(1).nextDouble());
            settings.put("x", 7);
            assertThat(Settings.of(file).number("x", 0)).isEqualTo(7);
        } finally {
            Files.deleteIfExists(file);
        }
    }
}
