package oddcradle.core.hardware;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import oddcradle.core.examine.Examination;
import oddcradle.core.frame.MountResult;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.cradle.MountChoices;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.job.tube.Node;
import oddcradle.core.math.Vec3;
import oddcradle.core.mounting.Hard;
import oddcradle.core.placement.Seating;
import oddcradle.core.structure.DonorMovement;
import org.junit.jupiter.api.Test;

class MountDesignTest {
    private static final Job JOB = TestJobs.plain();

    private static Job offset(Job job, Vec3 offset) {
        return job.withCradle(job.cradle()
                .withNodes(job.cradle().nodes().stream()
                        .map(node -> node.anchor() instanceof Anchor.FromBoss from
                                ? new Node(node.id(), new Anchor.FromBoss(from.boss(), offset))
                                : node)
                        .toList()));
    }

    private static Job hard(Job job) {
        return job.withCradle(job.cradle()
                .withIsolators(job.cradle().isolators().stream()
                        .map(each -> each.withElement(new Hard()))
                        .toList()));
    }

    @Test
    void mountOverItsTube_isBoltedThroughOrBonded() {
        MountDesign design = Examination.of(JOB).mountDesigns().get(0);
        assertThat(design.through()).isTrue();
        assertThat(design.tube().id()).isEqualTo("C1");
        assertThat(design.axis().z()).isCloseTo(-1, within(1e-9));
        // The boss's hole lies across: the engine gets a bracket with a bolt of its own.
        assertThat(design.ears()).isPresent();
    }

    @Test
    void mountBesideItsTube_standsOnATab_withWhatTheFramePutsOnIt() {
        Examination examination = Examination.of(offset(hard(JOB), new Vec3(0, 0, -0.05)));
        MountDesign design = examination.mountDesigns().get(0);
        assertThat(design.through()).isFalse();
        assertThat(design.tab().plates()).isEqualTo(2);
        double radius = design.tube().section().outerRadius();
        assertThat(design.tab().standoff()).isCloseTo(0.05 - radius, within(1e-9));
        double most = examination.load().answer().orElseThrow().cases().stream()
                .flatMap(each -> each.mounts().stream())
                .filter(mount -> mount.id().equals("M1"))
                .map(MountResult::forceOnFrame)
                .mapToDouble(Vec3::length)
                .max()
                .orElseThrow();
        assertThat(Math.hypot(design.bolt().tension(), 2 * design.bolt().shear()))
                .isLessThanOrEqualTo(most + 1e-6);
        assertThat(design.bolt().utilisation()).isPositive();
    }

    @Test
    void decidedThread_isTaken() {
        Job job = JOB.withCradle(JOB.cradle()
                .withIsolators(JOB.cradle().isolators().stream()
                        .map(each -> each.withChoices(MountChoices.UNDECIDED.withThread("M8")))
                        .toList()));
        assertThat(Examination.of(job).mountDesigns())
                .allSatisfy(design ->
                        assertThat(design.stack().thread().designation()).isEqualTo("M8x1.25"));
    }

    @Test
    void hardMounts_moveNothing() {
        assertThat(Examination.of(hard(JOB)).mountDesigns())
                .allSatisfy(
                        design -> assertThat(design.along() + design.across()).isZero());
        assertThat(Examination.of(JOB).mountDesigns())
                .allSatisfy(design -> assertThat(design.along()).isPositive());
    }

    @Test
    void mountThatNoTubeCarries_isLeftOut() {
        List<Isolator> one = List.of(JOB.cradle().isolators().get(0));
        Job bare = JOB.withCradle(JOB.cradle().withMembers(List.of()).withIsolators(one));
        assertThat(MountDesigner.of(new MountDesigner.Input(
                        bare, Seating.of(bare), DonorMovement.NONE, java.util.Optional.empty())))
                .isEmpty();
    }
}
