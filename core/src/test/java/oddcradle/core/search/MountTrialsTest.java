package oddcradle.core.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.List;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.MassProperties;
import oddcradle.core.placement.MountedDonor;
import oddcradle.core.structure.ShakeWatch;
import oddcradle.core.vibration.Mount;
import org.junit.jupiter.api.Test;

class MountTrialsTest {
    private static final Job JOB = TestJobs.plain();

    private static MountTrials.Trial named(List<MountTrials.Trial> trials, String words) {
        return trials.stream()
                .filter(each -> each.words().pattern().contains(words))
                .findFirst()
                .orElseThrow();
    }

    /** Each trial is what the whole map says of a job that is really so. */
    @Test
    void trials_areWhatTheMapSaysOfSuchAJob() {
        List<MountTrials.Trial> trials = MountTrials.robust(Examination.of(JOB), Progress.UNWATCHED)
                .orElseThrow()
                .trials();
        assertThat(trials).hasSize(9).allSatisfy(trial -> assertThat(trial.taking())
                .isEmpty());
        assertThat(trials.get(0).cruise()).isCloseTo(mapped(JOB), withinPercentage(0.1));
        double shore = JOB.cradle().isolators().get(0).element().shore().orElseThrow();
        Job harder = JOB.withCradle(JOB.cradle()
                .withIsolators(JOB.cradle().isolators().stream()
                        .map(each -> each.withHardness(shore + 5))
                        .toList()));
        assertThat(named(trials, "harder").cruise()).isCloseTo(mapped(harder), withinPercentage(0.1));
        MassProperties mass = JOB.donor().mass();
        Job shifted = JOB.withDonor(JOB.donor()
                .withMass(new MassProperties(mass.mass(), mass.cg().plus(new Vec3(0, 0, 0.01)), mass.inertia())));
        assertThat(named(trials, "up").cruise()).isCloseTo(mapped(shifted), withinPercentage(2));
    }

    private static double mapped(Job job) {
        ShakeMaps.Maps maps = ShakeMaps.of(Examination.of(job)).orElseThrow();
        int cruise = maps.full().nearest(job.donor().engine().cruiseSpeed());
        return maps.full()
                .together(maps.full().most(ShakeWatch.Kind.MOUNT_FORCE, cruise).orElseThrow(), cruise);
    }

    /** Leaned inward their axes meet over the donor, outward under it; the job that is taken has just these axes. */
    @Test
    void leanedMounts_pointInward() {
        Examination examination = Examination.of(JOB);
        Vec3 crank = examination.engines().crank().axes().column(0);
        Vec3 across = Vec3.Z.cross(crank).unit();
        List<MountTrials.Trial> trials = MountTrials.leaned(examination, Progress.UNWATCHED)
                .orElseThrow()
                .trials();
        assertThat(trials).hasSize(8);
        Job inward = named(trials, "inward").taking().orElseThrow().applyTo(JOB);
        List<Mount> mounts = MountedDonor.of(inward).mounts();
        int leaning = 0;
        for (int k = 0; k < mounts.size(); k++) {
            Vec3 axis = inward.cradle().isolators().get(k).axis();
            double side = mounts.get(k).position().dot(across);
            if (side != 0) {
                assertThat(axis.dot(across) * side).isNegative();
                leaning++;
            }
            assertThat(axis.z()).isPositive();
        }
        assertThat(leaning).isPositive();
    }
}
