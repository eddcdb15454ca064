package oddcradle.files.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.stream.Stream;
import oddcradle.core.job.Freedom;
import oddcradle.core.job.JobEdit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class JobStoreTest {
    @TempDir
    private Path folder;

    private final JobStore store = new JobStore(Clock.fixed(Instant.parse("2026-11-24T10:00:00Z"), ZoneOffset.UTC));

    private static JobDocument at(double up) {
        JobDocument demo = DemoJobs.SALTMARSH_RUNABOUT.load();
        return demo.withJob(new JobEdit.SetSeat(Freedom.UP, up).applyTo(demo.job()));
    }

    private double up(Path file) throws IOException {
        return store.open(file).job().seat().value(Freedom.UP);
    }

    @Test
    void saving_keepsTheTenVersionsBefore() throws IOException {
        Path file = folder.resolve("buggy.cradle.json");
        for (int k = 0; k <= 14; k++) {
            store.save(file, at(0.4 + k * 0.001));
        }
        assertThat(up(file)).isEqualTo(0.4 + 14 * 0.001);
        assertThat(store.versions(file)).hasSize(10);
        assertThat(up(store.versions(file).get(0))).isBetween(0.4 + 3 * 0.001, 0.4 + 13 * 0.001);
        try (Stream<Path> left = Files.list(folder)) {
            assertThat(left.map(path -> path.getFileName().toString()))
                    .containsExactlyInAnyOrder("buggy.cradle.json", "buggy.versions");
        }
    }

    @Test
    void recovery_isKeptWhileEditing_andGoneAfterSaving() throws IOException {
        Path file = folder.resolve("buggy.cradle.json");
        store.save(file, at(0.4));
        assertThat(store.recovery(file)).isEmpty();
        store.keepRecovery(file, at(0.45));
        assertThat(store.recovery(file).orElseThrow().job().seat().value(Freedom.UP))
                .isEqualTo(0.45);
        assertThat(up(file)).isEqualTo(0.4);
        store.save(file, at(0.45));
        assertThat(store.recovery(file)).isEmpty();
        store.keepRecovery(file, at(0.5));
        store.dropRecovery(file);
        assertThat(store.recovery(file)).isEmpty();
    }

    @Test
    void damagedRecovery_isNoRecovery() throws IOException {
        Path file = folder.resolve("buggy.cradle.json");
        Files.writeString(folder.resolve("buggy.recovery"), "{ half");
        assertThat(store.recovery(file)).isEmpty();
    }

    @Test
    void failedSave_leavesTheFileAsItWas() throws IOException {
        Path file = folder.resolve("buggy.cradle.json");
        store.save(file, at(0.4));
        Path missing = folder.resolve("no such folder").resolve("x.cradle.json");
        assertThatThrownBy(() -> store.save(missing, at(0.5))).isInstanceOf(IOException.class);
        assertThat(up(file)).isEqualTo(0.4);
    }

    @Test
    void fileOf2Gigabytes_isRefusedBeforeItIsRead() throws IOException {
        Path file = folder.resolve("huge.cradle.json");
        try (RandomAccessFile sparse = new RandomAccessFile(file.toFile(), "rw")) {
            sparse.setLength(2L << 30);
        }
        assertThatThrownBy(() -> store.open(file))
                .isInstanceOf(UnreadableJob.class)
                .hasMessage("huge.cradle.json: has 2048 MB, a job has at most 64 MB; pick the right file");
    }

    @Test
    void missingFileAndFolder_areNamed() {
        assertThatThrownBy(() -> store.open(folder.resolve("gone.cradle.json")))
                .hasMessage("gone.cradle.json: does not exist; check the path");
        assertThatThrownBy(() -> store.open(folder)).hasMessageContaining("is a folder");
    }
}
