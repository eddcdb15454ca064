package oddcradle.files.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.stream.Stream;
import oddcradle.core.job.body.Freedom;
import oddcradle.core.job.edit.JobEdit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledOnOs;
import org.junit.jupiter.api.condition.OS;
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

    private List<Double> recoveredUps(Path file) throws IOException {
        return store.recovered(file).stream()
                .map(each -> each.document().job().seat().value(Freedom.UP))
                .toList();
    }

    @Test
    void recovery_isGoneAfterSaving_andKeptUntilAnswered() throws IOException {
        Path file = folder.resolve("buggy.cradle.json");
        store.save(file, at(0.4));
        store.keepRecovery(file, at(0.45));
        store.save(file, at(0.45));
        assertThat(recoveredUps(file)).isEmpty();
        store.keepRecovery(file, at(0.5));
        assertThat(recoveredUps(file)).containsExactly(0.5);
        // Not answered yet: neither further editing nor its being given up touches it.
        store.keepRecovery(file, at(0.55));
        store.dropRecovery(file);
        assertThat(recoveredUps(file)).containsExactly(0.5);
        store.keepRecovery(file, at(0.6));
        assertThat(recoveredUps(file)).containsExactlyInAnyOrder(0.5, 0.6);
        assertThat(up(file)).isEqualTo(0.45);
    }

    @Test
    void recoveredWorkThatIsLeft_isAmongTheVersions() throws IOException {
        Path file = folder.resolve("buggy.cradle.json");
        store.save(file, at(0.4));
        store.keepRecovery(file, at(0.5));
        store.leave(file, store.recovered(file).get(0));
        assertThat(recoveredUps(file)).isEmpty();
        assertThat(up(store.versions(file).get(0))).isEqualTo(0.5);
    }

    @Test
    void damagedRecovery_isNoRecovery() throws IOException {
        Path file = folder.resolve("buggy.cradle.json");
        Files.writeString(folder.resolve("buggy.recovery"), "{ half");
        assertThat(store.recovered(file)).isEmpty();
    }

    @Test
    void whatAKilledSaveLeft_isSweptAtTheNextOpen_butNotWhatIsBeingWritten() throws IOException {
        Path file = folder.resolve("buggy.cradle.json");
        store.save(file, at(0.4));
        store.save(file, at(0.41));
        Process gone = new ProcessBuilder("true").start();
        gone.onExit().join();
        Path left = Files.writeString(folder.resolve(".saving-" + gone.pid() + "-3.tmp"), "{ half");
        Path leftInVersions =
                Files.writeString(folder.resolve("buggy.versions").resolve(".saving-8123456789012345678.tmp"), "");
        Path running = Files.writeString(
                folder.resolve(".saving-" + ProcessHandle.current().pid() + "-999.tmp"), "{ half");
        store.open(file);
        assertThat(left).doesNotExist();
        assertThat(leftInVersions).doesNotExist();
        assertThat(running).exists();
    }

    @Test
    @EnabledOnOs(OS.LINUX)
    void savedFile_keepsItsPermissions_andALinkItsTarget() throws IOException {
        Path file = folder.resolve("buggy.cradle.json");
        store.save(file, at(0.4));
        Path plain = Files.createFile(folder.resolve("plain"));
        assertThat(Files.getPosixFilePermissions(file)).isEqualTo(Files.getPosixFilePermissions(plain));
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-rw-r--"));
        Path link = Files.createSymbolicLink(folder.resolve("link.cradle.json"), file);
        store.save(link, at(0.5));
        assertThat(Files.isSymbolicLink(link)).isTrue();
        assertThat(up(file)).isEqualTo(0.5);
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(file)))
                .isEqualTo("rw-rw-r--");
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

    @Test
    void damagedFile_isToldWithItsVersions_whereThereAreSome() throws IOException {
        Path file = folder.resolve("buggy.cradle.json");
        Files.writeString(file, "{ half");
        assertThatThrownBy(() -> store.open(file))
                .hasMessageStartingWith("buggy.cradle.json: is damaged")
                .hasMessageNotContaining("version");
        Files.delete(file);
        store.save(file, at(0.4));
        store.save(file, at(0.5));
        Files.writeString(file, "{ half");
        assertThatThrownBy(() -> store.open(file)).hasMessageContaining("; 1 earlier version is in buggy.versions");
        assertThat(up(store.versions(file).get(0))).isEqualTo(0.4);
    }
}
