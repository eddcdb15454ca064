package oddcradle.core.proof;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.engine.Throttle;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.line.Line;
import oddcradle.core.job.load.Duty;
import org.junit.jupiter.api.Test;

class DutySpeedsTest {
    private static final double IDLE = 150;
    private static final double CRUISE = 500;
    private static final double LIMIT = 620;

    private static Job job() {
        Job job = TestJobs.plain();
        return job.withDonor(job.donor().withEngine(job.donor().engine().withSpeeds(IDLE, CRUISE, LIMIT)));
    }

    private static Job governed() {
        Job job = job();
        LineEnd end = new LineEnd.Generator(4, 50, 0.05, 0, 0.1, 0.1);
        return job.withLine(
                new Line(job.line().datum(), List.of(), List.of(), 1.5, Optional.of(end), Optional.empty()));
    }

    private static Duty duty(double cruise, double idle) {
        return new Duty(10, 1, 1, cruise, idle, 100);
    }

    private static double widest(DutySpeeds held) {
        List<Double> speeds = held.speeds();
        return speeds.get(speeds.size() - 1) / speeds.get(0);
    }

    /** An hour has sixty minutes, however it is spent; no speed is left out and none is beyond what the engine turns. */
    @Property(tries = 60)
    void everyMinuteOfAnHour_isSpentAtSomeSpeed(
            @ForAll @DoubleRange(min = 0.05, max = 0.6) double cruise,
            @ForAll @DoubleRange(min = 0.05, max = 0.35) double idle) {
        List<DutySpeeds> all = DutySpeeds.of(job(), duty(cruise, idle));
        assertThat(all).extracting(DutySpeeds::when).containsExactly("at cruise", "at idle", "between idle and limit");
        double spent = 0;
        for (DutySpeeds held : all) {
            assertThat(held.speeds()).isSorted().hasSameSizeAs(held.shares());
            assertThat(held.shares()).allMatch(share -> share > 0);
            assertThat(held.speeds().get(0)).isGreaterThan(0.9 * IDLE);
            assertThat(held.speeds().get(held.speeds().size() - 1)).isLessThanOrEqualTo(LIMIT);
            spent += held.shares().stream().mapToDouble(Double::doubleValue).sum();
        }
        assertThat(spent).isCloseTo(1, within(1e-9));
    }

    /** Trade: a governor holds its speed within a percent or two, a foot does not; most of the time is near the middle either way. */
    @Test
    void governor_holdsItsSpeedCloserThanAFoot() {
        DutySpeeds foot = DutySpeeds.of(job(), duty(1, 0)).get(0);
        DutySpeeds governor = DutySpeeds.of(governed(), duty(1, 0)).get(0);
        assertThat(widest(foot)).isBetween(1.08, 1.12);
        assertThat(widest(governor)).isBetween(1.02, 1.05);
        for (DutySpeeds held : List.of(foot, governor)) {
            int middle = held.speeds().size() / 2;
            assertThat(held.speeds().get(middle)).isCloseTo(CRUISE, within(1e-9));
            assertThat(held.shares().get(middle)).isGreaterThan(held.shares().get(0));
            assertThat(held.throttle()).isEqualTo(Throttle.FULL);
        }
    }

    /** A resonance of a lightly damped frame is some percent wide: neighbouring speeds may not step over it. */
    @Test
    void neighbouringSpeeds_stepOverNoResonance() {
        for (DutySpeeds held : DutySpeeds.of(job(), duty(0.4, 0.3))) {
            List<Double> speeds = held.speeds();
            assertThat(speeds).hasSizeGreaterThan(5);
            for (int k = 1; k < speeds.size(); k++) {
                assertThat(speeds.get(k) / speeds.get(k - 1)).isBetween(1.001, 1.03);
            }
        }
    }

    @Test
    void timeThatIsNotSpent_hasNoSpeeds() {
        assertThat(DutySpeeds.of(job(), duty(0, 1)))
                .extracting(DutySpeeds::throttle)
                .containsExactly(Throttle.NO_LOAD);
        assertThat(DutySpeeds.of(job(), duty(0.8, 0.2))).hasSize(2);
    }
}
