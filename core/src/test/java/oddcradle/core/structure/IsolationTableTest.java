package oddcradle.core.structure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.math.Vec3;
import oddcradle.core.vibration.Mode;
import org.junit.jupiter.api.Test;

class IsolationTableTest {
    private static final Job JOB = TestJobs.plain();

    private static IsolationTable table() {
        Examination examination = Examination.of(JOB);
        return IsolationTable.of(
                        examination.shaking().orElseThrow().shaking(),
                        examination.engines(),
                        examination.shake().answer().orElseThrow(),
                        engine().cruiseSpeed())
                .orElseThrow();
    }

    private static Engine engine() {
        return JOB.donor().engine();
    }

    /** By definition: an order o at crank speed w swings with o w. */
    @Test
    void crossings_areWhereTheOrderSwingsWithTheMode() {
        List<IsolationTable.Row> rows = table().modes();
        assertThat(rows).hasSize(6);
        assertThat(rows).anySatisfy(row -> assertThat(row.crossed()).isNotEmpty());
        for (IsolationTable.Row row : rows) {
            assertThat(row.words()).contains("%");
            for (IsolationTable.Crossing crossing : row.crossed()) {
                assertThat(crossing.order() * crossing.speed() / (2 * Math.PI))
                        .isCloseTo(row.mode().frequencyHz(), within(1e-9));
                assertThat(crossing.speed()).isBetween(0.5 * engine().idleSpeed(), engine().cruiseSpeed());
            }
        }
    }

    /** Far above every mode the body's own mass holds it: next to nothing arrives; far below all of it does. Harris (from memory). */
    @Test
    void sharesFall_withFrequencyOverTheModes() {
        IsolationTable table = table();
        double highest = table.modes().stream()
                .map(IsolationTable.Row::mode)
                .mapToDouble(Mode::frequencyHz)
                .max()
                .orElseThrow();
        assertThat(table.shares()).hasSizeGreaterThanOrEqualTo(8);
        for (IsolationTable.Share share : table.shares()) {
            double hertz = share.order() * engine().cruiseSpeed() / (2 * Math.PI);
            if (hertz > 2 * highest) {
                assertThat(share.cruise()).isLessThan(0.5);
            }
        }
        assertThat(IsolationTable.Share.decibels(0.1)).isCloseTo(20, within(1e-12));
        assertThat(IsolationTable.Share.decibels(2)).isCloseTo(-6.02, within(0.01));
    }

    /** Angular momentum, by definition: a torque about the crank alone comes of turning a free body about this axis. */
    @Test
    void freeBody_turnsAboutTheTorqueAxis() {
        Examination examination = Examination.of(JOB);
        var inertia = examination.shaking().orElseThrow().shaking().body().inertia();
        Vec3 crank = examination.engines().crank().axes().column(0);
        Vec3 momentum = inertia.times(table().torqueAxis()).unit();
        assertThat(momentum.cross(crank).length()).isLessThan(1e-9);
        assertThat(table().rollApart().orElseThrow()).isBetween(0.0, Math.PI / 2);
    }
}
