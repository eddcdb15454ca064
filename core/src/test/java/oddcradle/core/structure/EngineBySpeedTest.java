package oddcradle.core.structure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import oddcradle.core.engine.EngineSource;
import oddcradle.core.engine.Throttle;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.job.donor.RunningEngine;
import org.junit.jupiter.api.Test;

class EngineBySpeedTest {
    private static final Engine ENGINE = TestJobs.plain().donor().engine();
    private static final EngineSource SOURCE = RunningEngine.of(ENGINE, 1).source();

    /** Between the speeds that are worked out: inertia to the last digit, gas as near as it is known at all. */
    @Test
    void betweenItsSpeeds_itIsAsIfWorkedOutThere() {
        double from = 0.5 * ENGINE.idleSpeed();
        double to = 1.3 * ENGINE.cruiseSpeed();
        EngineBySpeed read = new EngineBySpeed(SOURCE, ENGINE, Throttle.FULL, from, to);
        for (double share : new double[] {0, 0.13, 0.37, 0.5, 0.81, 1}) {
            double speed = from + share * (to - from);
            List<EngineSource.Order> here = read.at(speed);
            List<EngineSource.Order> direct = SOURCE.at(speed, Throttle.FULL, ENGINE.fullTorque(speed));
            double most = direct.stream()
                    .mapToDouble(order -> order.roll().modulus())
                    .max()
                    .orElseThrow();
            assertThat(here).hasSameSizeAs(direct);
            for (int k = 0; k < here.size(); k++) {
                assertThat(here.get(k).forceZ().modulus())
                        .isCloseTo(
                                direct.get(k).forceZ().modulus(),
                                within(1e-6 * (1 + direct.get(k).forceZ().modulus())));
                assertThat(here.get(k)
                                .roll()
                                .plus(direct.get(k).roll().times(-1))
                                .modulus())
                        .isLessThan(0.03 * most);
            }
        }
    }

    @Test
    void oneSpeedAlone_isThatSpeed() {
        double idle = ENGINE.idleSpeed();
        EngineBySpeed read = new EngineBySpeed(SOURCE, ENGINE, Throttle.NO_LOAD, idle, idle);
        assertThat(read.at(idle).get(0).roll().modulus())
                .isEqualTo(SOURCE.at(idle, Throttle.NO_LOAD, 0).get(0).roll().modulus());
    }
}
