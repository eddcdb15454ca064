package oddcradle.core.structure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.donor.JoinedUnit;
import oddcradle.core.job.donor.ShaftLine;
import oddcradle.core.job.donor.Turn;
import oddcradle.core.job.donor.UnitEngine;
import oddcradle.core.job.donor.UnitKind;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.MassProperties;
import oddcradle.core.placement.MountedDonor;
import org.junit.jupiter.api.Test;

/** Two equal four-stroke singles in one donor: what is known of twins made of them, common practice. */
class EnginesTest {
    private static final Job SINGLE = TestJobs.plain();
    private static final double TURN = 2 * Math.PI;

    private static JoinedUnit unit(String id, UnitKind kind, double x, Turn turn, Optional<UnitEngine> engine) {
        MassProperties mass = new MassProperties(20, new Vec3(x, 0, 0), Mat3.diagonal(0.2, 0.2, 0.2));
        ShaftLine shaft = new ShaftLine(new Vec3(x, 0.1, 0), Vec3.Y);
        return new JoinedUnit(
                id, id, kind, mass, shaft, turn, Optional.empty(), List.of(), List.of(), false, false, engine);
    }

    /** Both cranks across, one ahead of the other. */
    private static Job pair(double apart, Turn turn, double ratio, Optional<Double> follows) {
        Donor donor = SINGLE.donor();
        Vec3 cg = donor.mass().cg();
        return SINGLE.withDonor(donor.withUnits(List.of(
                unit("U1", UnitKind.FIRST_ENGINE, cg.x() + apart / 2, Turn.ANTICLOCKWISE, Optional.empty()),
                unit(
                        "U2",
                        UnitKind.ENGINE,
                        cg.x() - apart / 2,
                        turn,
                        Optional.of(new UnitEngine(donor.engine(), ratio, follows))))));
    }

    private static EngineShaking cruise(Job job) {
        return EngineShaking.cruise(MountedDonor.shaking(job), Engines.of(job));
    }

    private static EngineShaking.Order order(EngineShaking shaking, double order) {
        return shaking.orders().stream()
                .filter(each -> Math.abs(each.order() - order) < 1e-6)
                .findFirst()
                .orElseThrow();
    }

    private static EngineShaking single() {
        return cruise(SINGLE.withDonor(
                SINGLE.donor().withOutput(SINGLE.donor().output().withTurn(Turn.ANTICLOCKWISE))));
    }

    /** Pistons that go up together shake twice; a turn apart they fire evenly, and half orders of torque are gone. */
    @Test
    void aTurnApart_firesEvenlyAndShakesTwice() {
        EngineShaking pair = cruise(pair(0.3, Turn.ANTICLOCKWISE, 1, Optional.of(TURN)));
        EngineShaking one = single();
        assertThat(order(one, 0.5).torque()).isGreaterThan(1);
        assertThat(order(pair, 0.5).torque()).isLessThan(1e-9 * order(one, 0.5).torque());
        assertThat(order(pair, 1.5).torque()).isLessThan(1e-9 * order(one, 1.5).torque());
        assertThat(order(pair, 1).torque())
                .isCloseTo(
                        2 * order(one, 1).torque(), within(1e-9 * order(one, 1).torque()));
        assertThat(order(pair, 1).force())
                .isCloseTo(
                        2 * order(one, 1).force(), within(1e-9 * order(one, 1).force()));
    }

    /** Half a turn apart the first order of force cancels and leaves a couple, the second adds up. */
    @Test
    void halfATurnApart_cancelsTheFirstOrderOfForce() {
        EngineShaking pair = cruise(pair(0.3, Turn.ANTICLOCKWISE, 1, Optional.of(TURN / 2)));
        EngineShaking one = single();
        assertThat(order(one, 1).force()).isGreaterThan(10);
        assertThat(order(pair, 1).force()).isLessThan(1e-9 * order(one, 1).force());
        assertThat(order(pair, 2).force())
                .isCloseTo(
                        2 * order(one, 2).force(), within(1e-9 * order(one, 2).force()));
        assertThat(order(pair, 0.5).torque()).isGreaterThan(order(one, 0.5).torque());
    }

    /** Cranks that turn against each other in step turn the block against each other. */
    @Test
    void turningAgainstEachOther_leavesNoTorque() {
        EngineShaking pair = cruise(pair(0.3, Turn.CLOCKWISE, 1, Optional.of(0.0)));
        for (double order : List.of(0.5, 1.0, 1.5, 2.0)) {
            assertThat(order(single(), order).torque()).isGreaterThan(0.5);
            assertThat(order(pair, order).torque())
                    .isLessThan(1e-6 * order(single(), order).torque());
        }
        assertThat(Engines.flywheels(pair(0.3, Turn.CLOCKWISE, 1, Optional.of(0.0)))
                        .length())
                .isLessThan(1e-12);
        assertThat(Engines.flywheels(pair(0.3, Turn.ANTICLOCKWISE, 1, Optional.of(0.0)))
                        .length())
                .isCloseTo(1, within(1e-12));
    }

    /** What nothing keeps in step meets at times: every order is as bad as both together. */
    @Test
    void outOfStep_meetsAtTimes() {
        EngineShaking pair = cruise(pair(0.3, Turn.ANTICLOCKWISE, 1, Optional.empty()));
        assertThat(order(pair, 0.5).torque()).isCloseTo(2 * order(single(), 0.5).torque(), within(1e-9));
        assertThat(order(pair, 1).force()).isCloseTo(2 * order(single(), 1).force(), within(1e-9));
    }

    /** Of an engine geared to turn faster, its first order is the first one's order of the ratio. */
    @Test
    void gearedUp_shakesAtItsOwnMultiples() {
        EngineShaking pair = cruise(pair(0.3, Turn.ANTICLOCKWISE, 1.3, Optional.of(0.0)));
        EngineShaking.Order own = order(pair, 1.3);
        assertThat(own.words()).isEqualTo("1.30");
        assertThat(own.frequency()).isCloseTo(1.3 * order(pair, 1).frequency(), within(1e-9));
        // Force goes with the square of the speed.
        assertThat(own.force()).isCloseTo(1.69 * order(single(), 1).force(), within(1e-6 * own.force()));
    }

    /** Far apart or close together: forces in step on one side or the other rock the donor by their lever. */
    @Test
    void halfATurnApart_rocksByTheirDistance() {
        assertThat(rocking(0.6)).isCloseTo(2 * rocking(0.3), within(1e-6));
        assertThat(rocking(0.3)).isGreaterThan(1);
    }

    private static double rocking(double apart) {
        Job job = pair(apart, Turn.ANTICLOCKWISE, 1, Optional.of(TURN / 2));
        return Engines.of(job).acting(EngineOrders::cruise).stream()
                .filter(each -> each.order() == 1)
                .findFirst()
                .orElseThrow()
                .forces()
                .momentAbout(Vec3.Y);
    }
}
