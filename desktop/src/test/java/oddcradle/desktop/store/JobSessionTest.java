package oddcradle.desktop.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import oddcradle.core.drawn.DrawnFrame;
import oddcradle.core.drawn.TubeEnd;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Freedom;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.edit.BodyEdit;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.job.edit.LineEdit;
import oddcradle.core.job.edit.ReplaceJob;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.removal.Removal;
import oddcradle.core.units.UnitStyle;
import oddcradle.files.job.DemoJobs;
import oddcradle.files.job.JobCodec;
import oddcradle.files.job.Recovered;
import oddcradle.files.job.UnsavedJobs;
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

    @TempDir
    private static Path kept;

    private final JobSession session =
            new JobSession(clock, DemoJobs.SALTMARSH_RUNABOUT.load(), unsavedOf(endedProcess()));
    private final Job first = session.job();

    private static UnsavedJobs unsavedOf(long process) {
        return new UnsavedJobs(kept.resolve("unsaved"), process);
    }

    private static long endedProcess() {
        try {
            Process process = new ProcessBuilder("true").start();
            process.onExit().join();
            return process.pid();
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }

    private JobSession nextRun() {
        return new JobSession(
                clock,
                DemoJobs.SALTMARSH_RUNABOUT.load(),
                unsavedOf(ProcessHandle.current().pid()));
    }

    private String undoWords() {
        return session.undoLabelProperty().get().orElseThrow().in(UnitStyle.MILLIMETRES);
    }

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

        JobSession later = nextRun();
        later.open(file);
        assertThat(later.job()).isEqualTo(saved);
        later.recover(later.recovered().get(0));
        assertThat(later.job()).isEqualTo(unsaved);
        assertThat(later.changedProperty().get()).isTrue();
        later.keepRecovery();
        assertThat(nextRunWith(file).recovered())
                .extracting(each -> each.document().job())
                .containsExactly(unsaved);
        later.undo();
        assertThat(later.job()).isEqualTo(saved);
    }

    private JobSession nextRunWith(Path file) throws IOException {
        JobSession next = nextRun();
        next.open(file);
        return next;
    }

    @Test
    void recoveredWork_outlivesEditingAndDiscarding_untilItIsAnsweredFor(@TempDir Path folder) throws IOException {
        Path file = folder.resolve("mine.cradle.json");
        session.save(file);
        nudge(0.003);
        session.keepRecovery();
        Job lost = session.job();
        JobSession later = nextRunWith(file);
        assertThat(later.recovered()).hasSize(1);
        later.apply(new JobEdit.MoveSeat(new Vec3(0.02, 0, 0)));
        later.keepRecovery();
        later.dropRecovery();
        JobSession last = nextRunWith(file);
        assertThat(last.recovered()).extracting(each -> each.document().job()).containsExactly(lost);
        last.leave(last.recovered().get(0));
        assertThat(last.recovered()).isEmpty();
        last.openVersion(file, last.versions(file).get(0));
        assertThat(last.job()).isEqualTo(lost);
        assertThat(last.changedProperty().get()).isTrue();
    }

    @Test
    void jobThatWasNeverSaved_comesBack_andGoesWhenItIsSaved(@TempDir Path folder) throws IOException {
        nudge(0.003);
        session.keepRecovery();
        JobSession later = nextRun();
        Recovered left = later.unsavedJobs().get(0);
        assertThat(left.document().job()).isEqualTo(session.job());
        later.openRecovered(left);
        assertThat(later.changedProperty().get()).isTrue();
        assertThat(nextRun().unsavedJobs()).hasSize(1);
        later.save(folder.resolve("mine.cradle.json"));
        assertThat(nextRun().unsavedJobs()).isEmpty();
    }

    @Test
    void mergedNudges_areNamedByTheWholeMove() {
        for (int k = 0; k < 5; k++) {
            session.apply(new JobEdit.MoveSeat(new Vec3(0.001, 0, 0)));
        }
        nudge(0.001);
        assertThat(undoWords()).isEqualTo("seat 5.0 mm forward, 1.0 mm up");
        session.undo();
        assertThat(session.job()).isEqualTo(first);
    }

    @Test
    void whatAHandPulls_isOneStep_howeverLongItTakes() {
        nudge(0.001);
        session.takeInHand();
        for (int k = 0; k < 4; k++) {
            session.apply(new JobEdit.MoveSeat(new Vec3(0.0404, 0, 0)));
            clock.goOn(Duration.ofSeconds(2));
        }
        session.apply(new JobEdit.SetSeat(Freedom.FORWARD, first.seat().value(Freedom.FORWARD) + 0.163));
        session.letGo();
        nudge(0.002);
        session.undo();
        assertThat(undoWords()).isEqualTo("seat 163.0 mm forward");
        session.undo();
        assertThat(undoWords()).isEqualTo("seat 1.0 mm up");
        session.undo();
        assertThat(session.job()).isEqualTo(first);
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

    /** Any one change, of kinds that touch every part of the job. */
    private static JobEdit anyEdit(Job job, Random random) {
        List<String> nodes = List.copyOf(job.host().places().keySet());
        String node = nodes.get(random.nextInt(nodes.size()));
        List<String> bosses = job.donor().bosses().stream().map(Boss::id).toList();
        Vec3 little = new Vec3(random.nextGaussian(), random.nextGaussian(), random.nextGaussian()).times(0.01);
        return switch (random.nextInt(8)) {
            case 0 -> new JobEdit.MoveSeat(little);
            case 1 -> new JobEdit.SetName("job " + random.nextInt(1000));
            case 2 ->
                new BodyEdit.ChangeHost(
                        DrawnFrame.moved(
                                job, node, job.host().places().get(node).plus(little), random.nextBoolean()),
                        "node",
                        "node");
            case 3 -> {
                DrawnFrame.Drawn drawn = DrawnFrame.tube(
                        job,
                        new TubeEnd.AtNode(node),
                        new TubeEnd.Free(little.times(50)),
                        job.host().members().get(0).section(),
                        job.materials().get(0).name(),
                        random.nextBoolean());
                yield new BodyEdit.ChangeHost(drawn.host(), "tube", "tube");
            }
            case 4 -> new ReplaceJob(Removal.ofNode(job, node).job(), "take a node away");
            case 5 ->
                new ReplaceJob(
                        Removal.ofBoss(job, bosses.get(random.nextInt(bosses.size())))
                                .job(),
                        "take a boss away");
            case 6 -> new JobEdit.HoldSeat(Freedom.values()[random.nextInt(6)], random.nextBoolean());
            default ->
                new BodyEdit.ChangeDonor(
                        job.donor().withName("engine " + random.nextInt(1000)), "name of the engine", "donor.name");
        };
    }

    @Test
    void fiveHundredEdits_undoneAndRedoneInAnyOrder_comeBackByteForByte() {
        Random random = new Random(16);
        List<byte[]> states = new ArrayList<>(
                List.of(JobCodec.write(session.documentProperty().get())));
        int at = 0;
        int edits = 0;
        while (edits < 500) {
            int what = random.nextInt(5);
            if (what == 0 && at > 0) {
                session.undo();
                at--;
            } else if (what == 1 && at < states.size() - 1) {
                session.redo();
                at++;
            } else {
                Job before = session.job();
                clock.goOn(Duration.ofSeconds(2));
                try {
                    session.apply(anyEdit(before, random));
                } catch (InvalidValue refused) {
                    assertThat(session.job()).isEqualTo(before);
                }
                if (!session.job().equals(before)) {
                    states.subList(at + 1, states.size()).clear();
                    states.add(JobCodec.write(session.documentProperty().get()));
                    at++;
                }
                edits++;
            }
            assertThat(JobCodec.write(session.documentProperty().get())).isEqualTo(states.get(at));
            // So that bosses and nodes do not run out.
            if (session.job().donor().bosses().size() < 2
                    || session.job().host().nodes().size() < 4) {
                while (at > 0) {
                    session.undo();
                    at--;
                }
                assertThat(JobCodec.write(session.documentProperty().get())).isEqualTo(states.get(0));
            }
        }
        while (at < states.size() - 1) {
            session.redo();
            at++;
        }
        assertThat(JobCodec.write(session.documentProperty().get())).isEqualTo(states.get(at));
    }
}
