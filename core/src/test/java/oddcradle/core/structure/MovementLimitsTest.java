package oddcradle.core.structure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import oddcradle.core.geometry.Aabb;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.load.Level;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.job.tube.Node;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.Seating;
import org.junit.jupiter.api.Test;

/** What ends a movement: the sleeve of a caught mount, the wheels that a chain lies on. */
class MovementLimitsTest {
    private static final Vec3 BUMP = new Vec3(0, 0, -3);

    /** How far down the donor goes under 3 g held as a level, m. */
    private static double drops(Job job, Level level) {
        Job loaded = job.withCases(List.of(LoadCase.of("hit", "hit", BUMP, 0).withLevel(level)));
        Seating seating = Seating.of(loaded);
        return DonorMovement.of(loaded, seating, LineResult.of(loaded, seating)).pushed().stream()
                .filter(each -> each.id().equals("hit"))
                .mapToDouble(each -> -each.motion().shift().z())
                .findFirst()
                .orElse(0);
    }

    /** With the tubes beside the bolts instead of under them. */
    private static Job caught() {
        Job job = TestJobs.plain();
        return job.withCradle(job.cradle()
                .withNodes(job.cradle().nodes().stream()
                        .map(node -> node.anchor() instanceof Anchor.FromBoss from
                                ? new Node(node.id(), new Anchor.FromBoss(from.boss(), new Vec3(0.06, 0, -0.05)))
                                : node)
                        .toList()));
    }

    @Test
    void limitLoad_movesACaughtDonorLessThanAWorkingLoad_andALooseOneAsFar() {
        Job loose = TestJobs.plain();
        assertThat(MountSeat.allCaught(loose, Seating.of(loose))).isFalse();
        assertThat(drops(loose, Level.LIMIT)).isCloseTo(drops(loose, Level.WORKING), within(1e-12));
        Job caught = caught();
        assertThat(MountSeat.allCaught(caught, Seating.of(caught))).isTrue();
        assertThat(drops(caught, Level.WORKING)).isGreaterThan(0.001);
        assertThat(drops(caught, Level.LIMIT)).isBetween(0.0005, 0.9 * drops(caught, Level.WORKING));
        assertThat(drops(caught, Level.ULTIMATE)).isZero();
    }

    private static final RunWhip RUN = new RunWhip(Vec3.ZERO, new Vec3(0.5, 0, 0.1), Vec3.Y, 0.012);

    private static Aabb small(Vec3 at) {
        return Aabb.around(at, new Vec3(1e-4, 1e-4, 1e-4));
    }

    @Test
    void chainWhipsMostInTheMiddle_andNotWhereItLiesOnItsWheels() {
        Vec3 up = new Vec3(-0.1, 0, 0.5).unit();
        assertThat(RUN.at(small(new Vec3(0.25, 0, 0.05)), up)).isCloseTo(0.012, within(1e-6));
        assertThat(RUN.at(small(new Vec3(-0.1, 0, 0)), up)).isZero();
        assertThat(RUN.at(small(new Vec3(0.6, 0, 0.1)), up)).isZero();
        assertThat(RUN.at(small(new Vec3(0.25, 0, 0.05)), Vec3.Y)).isZero();
    }

    /** Whatever lies along a part of the run is told the most that any point of that part swings. */
    @Test
    void longThingBesideTheRun_isToldTheMostAlongIt() {
        Random random = new Random(7);
        Vec3 up = new Vec3(-0.1, 0, 0.5).unit();
        for (int run = 0; run < 200; run++) {
            Vec3 one = new Vec3(random.nextDouble() - 0.25, 0, random.nextDouble());
            Vec3 two = new Vec3(random.nextDouble() - 0.25, 0, random.nextDouble());
            Aabb box = new Aabb(one, one).joined(new Aabb(two, two));
            double most = 0;
            for (int k = 0; k <= 50; k++) {
                most = Math.max(most, RUN.at(small(one.towards(two, k / 50.0)), up));
            }
            assertThat(RUN.at(box, up)).isGreaterThanOrEqualTo(most - 3e-5).isLessThanOrEqualTo(RUN.most() + 1e-12);
        }
    }
}
