package oddcradle.desktop.task;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Map;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.Job;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.Scans;
import oddcradle.files.job.DemoJobs;
import org.junit.jupiter.api.Test;

class LiveExaminationTest {
    private final Deque<Runnable> background = new ArrayDeque<>();
    private final Deque<Runnable> ui = new ArrayDeque<>();
    private final LiveExamination live = new LiveExamination(background::add, ui::add);
    private final Job demo = DemoJobs.SALTMARSH_RUNABOUT.load().job();

    private void runAll() {
        while (!background.isEmpty() || !ui.isEmpty()) {
            (background.isEmpty() ? ui : background).remove().run();
        }
    }

    private Job raised(double by) {
        return new JobEdit.MoveSeat(new Vec3(0, 0, by)).applyTo(demo);
    }

    @Test
    void newestJobWins_thoseOvertakenAreNeverExamined() {
        live.examine(raised(0.001));
        live.examine(raised(0.002));
        live.examine(raised(0.003));
        assertThat(background).hasSize(1);
        runAll();
        assertThat(live.examinationProperty().get().job()).isEqualTo(raised(0.003));
    }

    @Test
    void asking_returnsBeforeAnythingIsExamined() {
        live.examine(demo);
        assertThat(live.examinationProperty().get()).isNull();
        runAll();
        assertThat(live.examinationProperty().get()).isNotNull();
        live.examine(raised(0.001));
        runAll();
        assertThat(live.examinationProperty().get().job()).isEqualTo(raised(0.001));
    }

    @Test
    void cures_comeForTheFindingsShown() {
        live.examine(demo);
        runAll();
        Examination shown = live.examinationProperty().get();
        assertThat(live.curesProperty().get()).isNotEmpty();
        assertThat(shown.findings()).containsAll(live.curesProperty().get().keySet());
        assertThat(live.failureProperty().get()).isEmpty();
    }

    @Test
    void jobThatArrivesWhileAnotherIsExamined_isExaminedNext() {
        LiveExamination[] self = new LiveExamination[1];
        boolean[] asked = {false};
        self[0] = new LiveExamination(Runnable::run, shown -> {
            shown.run();
            if (!asked[0]) {
                asked[0] = true;
                self[0].examine(raised(0.005));
            }
        });
        self[0].examine(demo);
        assertThat(self[0].examinationProperty().get().job()).isEqualTo(raised(0.005));
    }

    /** Scans are read while the cures of the very same job are looked for: it is examined again, with them. */
    @Test
    void scansThatArriveForTheSameJob_areNotLost() {
        Scans read = new Scans(Map.of());
        LiveExamination[] self = new LiveExamination[1];
        boolean[] asked = {false};
        self[0] = new LiveExamination(Runnable::run, shown -> {
            shown.run();
            if (!asked[0]) {
                asked[0] = true;
                self[0].examine(demo, read);
            }
        });
        self[0].examine(demo);
        assertThat(self[0].examinationProperty().get().scans()).isSameAs(read);
    }
}
