package oddcradle.core.structure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.List;
import java.util.Optional;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.line.Line;
import oddcradle.core.placement.MountedDonor;
import oddcradle.core.search.ShakeMaps;
import oddcradle.core.step.shake.ShakeFinding;
import oddcradle.core.units.UnitStyle;
import oddcradle.core.vibration.Mode;
import org.junit.jupiter.api.Test;

/** What a propeller shakes its engine with, once a turn and once a blade. */
class PropellerShakingTest {
    private static Job flying(int blades, double inertia) {
        Job job = TestJobs.plain();
        LineEnd.Propeller end = new LineEnd.Propeller(1.7, inertia, 50, 0.1, 0, 0, 0, 0, true, blades);
        Line line = new Line(job.line().datum(), List.of(), List.of(), 1.5, Optional.of(end), Optional.empty());
        return job.withLine(line);
    }

    private static PropellerShaking cruise(Job job) {
        return PropellerShaking.cruise(
                MountedDonor.shaking(job), PropellerShaking.propeller(job).orElseThrow());
    }

    /** ISO 21940-11 (from memory): G 6.3 at 3000 rpm leaves 20.05 g mm for each kilogram; its force is that by the speed squared. */
    @Test
    void unbalance_isThatOfTheGrade() {
        Job job = flying(2, 0.6);
        PropellerShaking shaking = cruise(job);
        double mass = 0.6 / (0.34 * 0.34);
        double rpm = shaking.speed() * 30 / Math.PI;
        double left = 20.05e-6 * mass * 3000 / rpm;
        assertThat(shaking.unbalance().force())
                .isCloseTo(left * shaking.speed() * shaking.speed(), withinPercentage(0.1));
        assertThat(shaking.unbalance().frequency()).isCloseTo(rpm / 60, within(1e-9));
    }

    /** What is out of balance pulls with the square of the speed, by definition; the map has it at the propeller's own turns. */
    @Test
    void inTheMap_itPullsWithTheSquareOfTheSpeed() {
        Job job = flying(3, 0.6);
        PropellerShaking.Propeller propeller = PropellerShaking.propeller(job).orElseThrow();
        double turns = propeller.cruiseSpeed() / job.donor().engine().cruiseSpeed();
        double cruise = job.donor().engine().cruiseSpeed();
        Excitation.Part full = PropellerShaking.acting(propeller, cruise, turns).get(0);
        Excitation.Part half =
                PropellerShaking.acting(propeller, cruise / 2, turns).get(0);
        assertThat(full.wrench().force()).isCloseTo(4 * half.wrench().force(), withinPercentage(1e-6));
        assertThat(full.wrench().force())
                .isCloseTo(Math.sqrt(2) * cruise(job).unbalance().force(), withinPercentage(0.1));
        assertThat(ShakeMaps.of(Examination.of(job)).orElseThrow().full().orders())
                .anySatisfy(order -> assertThat(order).isCloseTo(turns, within(1e-6)))
                .anySatisfy(order -> assertThat(order).isCloseTo(3 * turns, within(1e-6)));
    }

    @Test
    void blades_passAsOftenAsThereAre() {
        assertThat(cruise(flying(2, 0.6)).blades().frequency() * 3)
                .isCloseTo(cruise(flying(3, 0.6)).blades().frequency() * 2, within(1e-9));
        assertThat(PropellerShaking.propeller(flying(2, 0))).isEmpty();
        assertThat(PropellerShaking.propeller(TestJobs.plain())).isEmpty();
    }

    /** Idling so that once a turn meets a mode is told; idling far over every mode is not. */
    @Test
    void idleOnAMode_isTold() {
        Job job = flying(2, 6);
        double mode = Examination.of(job).shake().answer().orElseThrow().modes().modes().stream()
                .mapToDouble(Mode::frequencyHz)
                .max()
                .orElseThrow();
        assertThat(told(idling(job, mode))).isNotEmpty();
        assertThat(told(idling(job, 4 * mode))).isEmpty();
    }

    private static Job idling(Job job, double hertz) {
        double crank = 2 * Math.PI * hertz * job.donor().engine().primaryRatio();
        return job.withDonor(job.donor()
                .withEngine(job.donor().engine().withCruiseSpeed(1.5 * crank).withIdleSpeed(crank)));
    }

    private static List<Finding> told(Job job) {
        return Examination.of(job).report(Step.SHAKE).findings().stream()
                .filter(each -> each.code() == ShakeFinding.PROPELLER
                        && each.what().in(UnitStyle.MILLIMETRES).contains("idle"))
                .toList();
    }
}
