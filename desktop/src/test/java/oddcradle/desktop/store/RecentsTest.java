package oddcradle.desktop.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import oddcradle.files.settings.Settings;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class RecentsTest {
    private final Settings memory = Settings.forThisRun();

    @Test
    void newestFirst_eachOnce_goneOnesLeftOut(@TempDir Path folder) throws Exception {
        Recents recents = new Recents(memory);
        for (int k = 0; k < 10; k++) {
            recents.add(Files.createFile(folder.resolve(k + ".cradle.json")));
        }
        recents.add(folder.resolve("7.cradle.json"));
        assertThat(recents.list()).hasSize(8).first().isEqualTo(folder.resolve("7.cradle.json"));
        assertThat(recents.list()).doesNotHaveDuplicates();
        Files.delete(folder.resolve("7.cradle.json"));
        assertThat(new Recents(memory).list()).doesNotContain(folder.resolve("7.cradle.json"));
    }
}
