package oddcradle.core.structure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import oddcradle.core.engine.Throttle;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.math.Vec3;
import oddcradle.core.search.ShakeMaps;
import org.junit.jupiter.api.Test;

class EngineInTimeTest {
    private static final Job JOB = TestJobs.plain();
    private static final double IDLE = JOB.donor().engine().idleSpeed();

    private static Excitation excitation(List<Double> speeds) {
        ShakeMaps.Setting setting = ShakeMaps.setting(Examination.of(JOB)).orElseThrow();
        return Excitation.of(setting.engines(), setting.donor(), speeds, Throttle.MOTORED);
    }

    private static Vec3 force(EngineInTime engine, double speed, double angle) {
        double[] loads = new double[6];
        engine.add(speed, angle, loads);
        return new Vec3(loads[0], loads[1], loads[2]);
    }

    /** At the speeds it is made of, whole; inertia between them goes with the square of the speed, by definition. */
    @Test
    void ordersTurnWithTheCrank_atTheirOwnSpeed() {
        Excitation excitation = excitation(List.of(0.5 * IDLE, IDLE));
        EngineInTime engine = new EngineInTime(excitation);
        double most = 0;
        for (double angle = 0; angle < 12; angle += 0.31) {
            Vec3 whole = excitation.force(1, angle);
            assertThat(force(engine, IDLE, angle).distanceTo(whole)).isLessThan(1e-9 * (1 + whole.length()));
            assertThat(force(engine, 0.5 * IDLE, angle).distanceTo(excitation.force(0, angle)))
                    .isLessThan(1e-9 * (1 + whole.length()));
            most = Math.max(most, whole.length());
            double quarter = excitation.force(0, angle).length();
            assertThat(quarter).isCloseTo(whole.length() / 4, within(0.01 * whole.length() + 1e-9));
        }
        assertThat(most).isGreaterThan(1);
    }

    @Test
    void crankThatStands_pushesNothing() {
        EngineInTime engine = new EngineInTime(excitation(List.of(0.1 * IDLE, IDLE)));
        assertThat(force(engine, 0, 1.3).length()).isZero();
        assertThat(engine.quickest(IDLE)).isCloseTo(6 * IDLE, within(1e-6));
    }
}
