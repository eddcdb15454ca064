package oddcradle.core.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.List;
import java.util.Optional;
import oddcradle.core.control.Progress;
import oddcradle.core.engine.Crank;
import oddcradle.core.engine.CrankWork;
import oddcradle.core.engine.ForceEllipse;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.structure.ShakeWatch;
import org.junit.jupiter.api.Test;

class BalanceBenchTest {
    private static final Crank SINGLE =
            new Crank(0.09, 0.15, 0.6, List.of(0.0), List.of(0.0), List.of(0.0), 0, Crank.Balancer.NONE);

    private static Job single() {
        Job job = TestJobs.plain();
        return job.withDonor(
                job.donor().withEngine(job.donor().engine().withCylinders(1).withCrank(Optional.of(SINGLE))));
    }

    /** Half balanced, a single's force is the same all round and half as large; Taylor (from memory). */
    @Test
    void halfBalancedSingle_pullsAlikeAllRound() {
        ForceEllipse bare = BalanceBench.left(SINGLE, 300);
        ForceEllipse half = BalanceBench.left(SINGLE.withCounterweight(0.5), 300);
        assertThat(half.most()).isCloseTo(bare.most() / 2, withinPercentage(1));
        assertThat(half.least()).isCloseTo(half.most(), withinPercentage(1));
        ForceEllipse all = BalanceBench.left(SINGLE.withCounterweight(1), 300);
        // All of it balanced only lays it across the cylinder.
        assertThat(all.most()).isCloseTo(bare.most(), withinPercentage(1));
        assertThat(Math.abs(all.angle())).isCloseTo(Math.PI / 2, within(0.01));
        assertThat(BalanceBench.piston(SINGLE)).isCloseTo(0.6 * 0.045, within(1e-12));
    }

    /** What is tried is what the map says of a job with that crank. */
    @Test
    void everyShare_isWhatTheMapSaysOfSuchACrank() {
        Job job = single();
        ShakeMaps.Machine machine =
                ShakeMaps.of(Examination.of(job)).orElseThrow().machine();
        List<BalanceBench.ByShare> shares = BalanceBench.byShare(job, machine, Progress.UNWATCHED);
        assertThat(shares).hasSize(11);
        for (int k : new int[] {0, 5, 10}) {
            Job balanced = BalanceBench.withCrank(job, SINGLE.withCounterweight(k / 10.0));
            ShakeMaps.Maps maps = ShakeMaps.of(Examination.of(balanced)).orElseThrow();
            int cruise = maps.full().nearest(job.donor().engine().cruiseSpeed());
            int mount = maps.full().most(ShakeWatch.Kind.MOUNT_FORCE, cruise).orElseThrow();
            assertThat(shares.get(k).mount()).isCloseTo(maps.full().together(mount, cruise), withinPercentage(0.5));
        }
    }

    /** A hole opposite the pin makes the crank lighter there, as a weight at the pin would make it heavier. */
    @Test
    void works_addUpWithTheirDirections() {
        CrankWork weight = new CrankWork("weight", CrankWork.Sort.WEIGHT, 0, 0, 0.05, 0, 0, 0, 0.1);
        CrankWork across = weight.withAngle(Math.PI / 2).withMass(0.05);
        var sum = BalanceBench.works(SINGLE.withWorks(List.of(weight, across)));
        assertThat(sum.amount()).isCloseTo(Math.hypot(0.005, 0.0025), within(1e-12));
        assertThat(sum.angle()).isCloseTo(Math.atan2(1, 2), within(1e-12));
        assertThat(BalanceBench.works(SINGLE).amount()).isZero();
        assertThat(SINGLE.withOneMore().works()).singleElement().satisfies(hole -> assertThat(hole.amount())
                .isZero());
    }
}
