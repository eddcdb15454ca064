package oddcradle.desktop.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import oddcradle.core.job.Freedom;
import oddcradle.core.job.Job;
import oddcradle.core.job.JobEdit;
import oddcradle.core.job.LineEdit;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.UnitStyle;
import oddcradle.files.job.DemoJobs;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class JobSessionTest {
    /** A clock that stands still until it is told to go on. */
    private static final class HandClock extends Clock {
        private Instant now = Instant.parse("2026-11-24T12:00:00Z");

        void goOn(Duration by) {
            now = now.plus(by);
        }

        @Override
        public ZoneId getZone() {
            return ZoneOffset.UTC;
        }

        @Override
        public Clock withZone(ZoneId zone) {
            return this;
        }

        @Override
        public Instant instant() {
            return now;
        }
    }

    private final HandClock clock = new HandClock();
    private final JobSession session = new JobSession(clock, DemoJobs.SALTMARSH_RUNABOUT.load());
    private final Job first = session.job();

    private void nudge(double up) {
        session.apply(new JobEdit.MoveSeat(new Vec3(0, 0, up)));
    }

    @Test
    void undoAndRedo_goThroughEveryStep() {
        for (int k = 0; k < 200; k++) {
            clock.goOn(Duration.ofSeconds(2));
            nudge(0.001);
        }
        Job last = session.job();
        for (int k = 0; k < 200; k++) {
            session.undo();
        }
        assertThat(session.job()).isEqualTo(first);
        assertThat(session.undoLabelProperty().get()).isEmpty();
        assertThat(session.changedProperty().get()).isFalse();
        for (int k = 0; k < 200; k++) {
            session.redo();
        }
        assertThat(session.job()).isEqualTo(last);
        session.redo();
        assertThat(session.job()).isEqualTo(last);
    }

    @Test
    void oneMotionOfTheHand_isOneStep_andAPauseEndsIt() {
        nudge(0.001);
        clock.goOn(Duration.ofMillis(200));
        nudge(0.001);
        clock.goOn(Duration.ofSeconds(3));
        nudge(0.001);
        session.undo();
        assertThat(session.job().seat().value(Freedom.UP)).isEqualTo(0.472);
        session.undo();
        assertThat(session.job()).isEqualTo(first);
    }

    @Test
    void editAfterUndo_forgetsTheRedo() {
        nudge(0.001);
        session.undo();
        session.apply(new LineEdit.SetTeeth("S1", 14, 43));
        assertThat(session.redoLabelProperty().get()).isEmpty();
        assertThat(session.undoLabelProperty().get().orElseThrow().in(UnitStyle.MILLIMETRES))
                .isEqualTo("sprockets 14 to 43");
    }

    @Test
    void editThatChangesNothing_isNoStep() {
        session.apply(new LineEdit.SetTeeth("S1", 14, 41));
        assertThat(session.undoLabelProperty().get()).isEmpty();
    }

    @Test
    void impossibleEdit_changesNothing() {
        assertThatThrownBy(() -> session.apply(new JobEdit.SetSeat(Freedom.UP, 1e9)))
                .isInstanceOf(InvalidValue.class);
        assertThat(session.job()).isEqualTo(first);
        assertThat(session.undoLabelProperty().get()).isEmpty();
    }

    @Test
    void savedReopenedAndRecovered_isTheSameJob(@TempDir Path folder) throws IOException {
        Path file = folder.resolve("mine.cradle.json");
        nudge(0.004);
        session.save(file);
        assertThat(session.changedProperty().get()).isFalse();
        Job saved = session.job();
        nudge(0.003);
        session.keepRecovery();
        Job unsaved = session.job();

        JobSession later = new JobSession(clock, DemoJobs.SALTMARSH_RUNABOUT.load());
        later.open(file);
        assertThat(later.job()).isEqualTo(saved);
        later.recover(later.recovery(file).orElseThrow());
        assertThat(later.job()).isEqualTo(unsaved);
        assertThat(later.changedProperty().get()).isTrue();
        later.undo();
        assertThat(later.job()).isEqualTo(saved);
        later.dropRecovery();
        assertThat(later.recovery(file)).isEmpty();
    }

    @Test
    void editRightAfterSaving_isAStepOfItsOwn(@TempDir Path folder) throws IOException {
        nudge(0.004);
        session.save(folder.resolve("mine.cradle.json"));
        Job saved = session.job();
        nudge(0.003);
        session.undo();
        assertThat(session.job()).isEqualTo(saved);
        assertThat(session.changedProperty().get()).isFalse();
    }

    @Test
    void unreadableFile_leavesTheOpenJob(@TempDir Path folder) throws IOException {
        Path file = Files.writeString(folder.resolve("bad.cradle.json"), "{ half a job");
        nudge(0.004);
        Job before = session.job();
        assertThatThrownBy(() -> session.open(file)).isInstanceOf(IOException.class);
        assertThat(session.job()).isEqualTo(before);
        assertThat(session.undoLabelProperty().get()).isPresent();
    }
}
