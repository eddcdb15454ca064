package oddcradle.files.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class UnsavedJobsTest {
    private static final JobDocument JOB = DemoJobs.HUT_SKID.load();

    @TempDir
    private Path home;

    private Path folder;
    private long ended;

    @BeforeEach
    void programThatHasEnded() throws IOException {
        folder = home.resolve("unsaved");
        Process process = new ProcessBuilder("true").start();
        process.onExit().join();
        ended = process.pid();
    }

    private UnsavedJobs ofThisProcess() {
        return new UnsavedJobs(folder, ProcessHandle.current().pid());
    }

    @Test
    void jobOfAProgramThatEnded_isFound_untilItIsDropped() throws IOException {
        assertThat(ofThisProcess().left()).isEmpty();
        new UnsavedJobs(folder, ended).keep(JOB);
        UnsavedJobs now = ofThisProcess();
        List<Recovered> left = now.left();
        assertThat(left).hasSize(1);
        assertThat(left.get(0).document().job()).isEqualTo(JOB.job());
        now.keep(DemoJobs.WHIMBREL.load());
        now.drop();
        assertThat(now.left()).hasSize(1);
        Files.delete(left.get(0).place());
        assertThat(now.left()).isEmpty();
    }

    @Test
    void jobOfARunningProgram_staysWithIt() throws IOException {
        long parent = ProcessHandle.current().parent().orElseThrow().pid();
        new UnsavedJobs(folder, parent).keep(JOB);
        assertThat(ofThisProcess().left()).isEmpty();
    }

    @Test
    void numberOfAProcessThatComesAgain_losesNothing() throws IOException {
        new UnsavedJobs(folder, ended).keep(JOB);
        UnsavedJobs sameNumber = new UnsavedJobs(folder, ended);
        sameNumber.keep(DemoJobs.WHIMBREL.load());
        assertThat(ofThisProcess().left())
                .extracting(each -> each.document().job())
                .containsExactlyInAnyOrder(JOB.job(), DemoJobs.WHIMBREL.load().job());
    }
}
