package oddcradle.core.engine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import oddcradle.core.balance.ShopReadings;
import oddcradle.core.balance.Unbalance;
import oddcradle.core.math.Complex;
import oddcradle.core.math.InvalidValue;
import org.junit.jupiter.api.Test;

class CrankWorkTest {
    private static CrankWork hole(double diameter, double depth, double density) {
        return new CrankWork("hole", CrankWork.Sort.HOLE_ALONG, 0, 0, 0.04, diameter, depth, density, 0);
    }

    /** Common practice: a plug of 20 mm in heavy metal of 15 g/cm3 is about 4.7 g a millimetre; it stands where steel was. */
    @Test
    void plugOf20Millimetres_is4Point7GramsAMillimetre_lessTheSteel() {
        double perMillimetre = (hole(0.02, 0.031, CrankWork.HEAVY_METAL).amount()
                        - hole(0.02, 0.03, CrankWork.HEAVY_METAL).amount())
                / 0.04;
        double steel = (hole(0.02, 0.03, 0).amount() - hole(0.02, 0.031, 0).amount()) / 0.04;
        assertThat(perMillimetre + steel).isCloseTo(4.7e-3, within(0.02e-3));
        assertThat(hole(0.0083, 0.03, 0).amount() - hole(0.0083, 0.031, 0).amount())
                .isCloseTo(0.04 * 0.81e-3 * 7850 / 15_000, within(2e-7));
    }

    /** A single whose crank carries half its piston, by hand: what is on the far side of the pin is what its force falls by. */
    @Test
    void weightOppositeThePin_takesThatMuchOffTheForce() {
        Crank bare = new Crank(0.08, 0.14, 0.5, List.of(0.0), List.of(0.0), List.of(0.0), 0, Crank.Balancer.NONE);
        Crank weighted =
                bare.withWorks(List.of(new CrankWork("weight", CrankWork.Sort.WEIGHT, Math.PI, 0, 0.05, 0, 0, 0, 0.1)));
        double speed = 300;
        ForceEllipse before = first(bare, speed);
        ForceEllipse after = first(weighted, speed);
        double taken = 0.1 * 0.05 * speed * speed;
        assertThat(before.least()).isLessThan(1e-6 * before.most());
        // Along the cylinder it falls by so much, across it rises by so much.
        assertThat(after.most()).isCloseTo(before.most() - taken, within(0.01 * taken));
        assertThat(after.least()).isCloseTo(taken, within(0.01 * taken));
        assertThat(Math.abs(after.angle())).isLessThan(1e-6);
    }

    private static ForceEllipse first(Crank crank, double speed) {
        ShakingOrders.Order order =
                ShakingOrders.of(crank.train(1), speed, 4).orders().get(0);
        return ForceEllipse.of(order.forceY(), order.forceZ());
    }

    /** Half of a piston's force is taken by a shaft against the crank; a tooth off it leaves what two arrows differ by. */
    @Test
    void shaftThatComesLate_leavesWhatTwoArrowsDifferBy() {
        Crank timed = new Crank(0.08, 0.14, 0.5, List.of(0.0), List.of(0.0), List.of(0.0), 0.5, Crank.Balancer.PRIMARY);
        double late = Math.toRadians(12);
        double speed = 300;
        double shaft = 0.95 * 0.5 * 0.04 / 2;
        Complex[] a = forces(timed, speed);
        Complex[] b = forces(timed.withBalancerLate(late), speed);
        double difference = Math.hypot(
                        b[0].plus(a[0].times(-1)).modulus(),
                        b[1].plus(a[1].times(-1)).modulus())
                / Math.sqrt(2);
        assertThat(difference / (speed * speed)).isCloseTo(ShopReadings.leftByTeeth(shaft, late), within(1e-7));
    }

    private static Complex[] forces(Crank crank, double speed) {
        ShakingOrders.Order order =
                ShakingOrders.of(crank.train(1), speed, 4).orders().get(0);
        return new Complex[] {order.forceY(), order.forceZ()};
    }

    /** Common practice: 0.7 and 1.1 mm are centred by 0.2 mm. Degrees of dead centre: the middle of two equal readings. */
    @Test
    void benchReadings_areHalved() {
        assertThat(ShopReadings.centringShim(1.1e-3, 0.7e-3)).isCloseTo(0.2e-3, within(1e-12));
        assertThat(ShopReadings.deadCentre(Math.toRadians(-21), Math.toRadians(17)))
                .isCloseTo(Math.toRadians(-2), within(1e-12));
    }

    /** Whatever is planned, drilled and added up, is what was wanted. */
    @Property(tries = 200)
    void plannedHoles_addUpToWhatWasWanted(
            @ForAll @DoubleRange(min = 0.5, max = 20) double grams,
            @ForAll @DoubleRange(min = -3.1, max = 3.1) double angle) {
        double amount = grams / 1000;
        DrillPlan.Web web = new DrillPlan.Web(
                0.06, 0.022, 0.003, List.of(0.006, 0.008, 0.01, 0.012, 0.016, 0.02), CrankWork.HEAVY_METAL);
        DrillPlan.Plan plan = DrillPlan.of(Unbalance.at(amount, angle), web).orElseThrow();
        Unbalance sum = Unbalance.NONE;
        for (CrankWork work : plan.holes()) {
            sum = sum.plus(Unbalance.at(work.amount(), work.angle()));
            assertThat(work.depth()).isLessThan(0.022 - 0.003);
        }
        assertThat(Math.hypot(sum.x() - amount * Math.cos(angle), sum.y() - amount * Math.sin(angle)))
                .isCloseTo(plan.left(), within(1e-9));
    }

    /** No two of them meet, and a wall stays to the rim. */
    @Test
    void holesBesideEachOther_keepTheirWalls() {
        DrillPlan.Web web = new DrillPlan.Web(0.06, 0.02, 0.003, List.of(0.01), 0);
        List<CrankWork> holes =
                DrillPlan.of(Unbalance.at(0.0018, 0.4), web).orElseThrow().holes();
        assertThat(holes).hasSizeGreaterThan(1);
        for (int k = 1; k < holes.size(); k++) {
            double apart = 2
                    * holes.get(k).radius()
                    * Math.abs(Math.sin((holes.get(k).angle() - holes.get(k - 1).angle()) / 2));
            assertThat(apart).isCloseTo(0.013, within(1e-9));
        }
        assertThat(holes.get(0).radius() + 0.005).isLessThanOrEqualTo(0.057 + 1e-12);
    }

    @Test
    void impossibleWork_isRefusedByName() {
        assertThatThrownBy(() -> new CrankWork("deep", CrankWork.Sort.HOLE_INWARD, 0, 0, 0.02, 0.01, 0.03, 0, 0))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("drill less deep");
        assertThat(DrillPlan.of(Unbalance.at(0.001, 0), new DrillPlan.Web(0.008, 0.002, 0.003, List.of(0.02), 0)))
                .isEmpty();
    }
}
