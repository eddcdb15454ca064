package oddcradle.core.around;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;

class AroundFormulasTest {
    /** ISO 13857, table of openings, from memory: up to 20 mm asks 120 mm, a square of 30 mm 120, of 40 mm 200, slots wider than 20 mm the whole arm. */
    @Test
    void reachThroughOpenings_isTheTables() {
        assertThat(Opening.SLOT.reach(0.020)).isEqualTo(0.120);
        assertThat(Opening.SQUARE.reach(0.030)).isEqualTo(0.120);
        assertThat(Opening.SQUARE.reach(0.040)).isEqualTo(0.200);
        assertThat(Opening.SLOT.reach(0.021)).isEqualTo(0.850);
        assertThat(Opening.ROUND.reach(0.010)).isEqualTo(0.020);
        assertThat(Opening.SLOT.reach(0)).isZero();
        assertThat(Opening.ROUND.reach(0.13)).isInfinite();
    }

    @Property(tries = 100)
    void widerOpening_neverAsksLess(
            @ForAll Opening shape,
            @ForAll @DoubleRange(min = 0.01, max = 0.12) double width,
            @ForAll @DoubleRange(min = 0.01, max = 0.12) double more) {
        assertThat(shape.reach(Math.max(width, more))).isGreaterThanOrEqualTo(shape.reach(Math.min(width, more)));
        assertThat(Opening.SLOT.reach(width)).isGreaterThanOrEqualTo(Opening.ROUND.reach(width));
    }

    /** A right angle of two-inch pipe on a three-inch radius in four joints is cut at 11 1/4 degrees: common practice. */
    @Test
    void rightAngleInFourJoints_isCutAtAnEighthOfIt() {
        Elbow elbow = new Elbow(Math.PI / 2, 0.0762, 0.0508);
        assertThat(elbow.joints()).isEqualTo(4);
        assertThat(elbow.mitre(4)).isCloseTo(Math.toRadians(11.25), within(1e-12));
        assertThat(elbow.outside()).isCloseTo(0.1596, within(1e-4));
        assertThat(elbow.inside()).isCloseTo(0.0798, within(1e-4));
    }

    /** Slices laid one after the other, each turned by twice the cut, come out in the direction of the bend. */
    @Property(tries = 60)
    void slices_bringThePipeRoundByTheWholeAngle(@ForAll @DoubleRange(min = 0.1, max = 3) double angle) {
        Elbow elbow = new Elbow(angle, 0.1, 0.05);
        int joints = elbow.joints();
        Vec3 way = Vec3.X;
        Vec3 at = Vec3.ZERO;
        double middle = (elbow.slice(joints).get(0) + elbow.slice(joints).get(1)) / 2;
        for (int k = 0; k < joints; k++) {
            at = at.along(way, middle / 2);
            double turn = 2 * elbow.mitre(joints);
            way = new Vec3(
                    way.x() * Math.cos(turn) - way.z() * Math.sin(turn),
                    0,
                    way.x() * Math.sin(turn) + way.z() * Math.cos(turn));
            at = at.along(way, middle / 2);
        }
        assertThat(way.x()).isCloseTo(Math.cos(angle), within(1e-9));
        // Its ends are those of the bend whose tangents they touch.
        assertThat(at.x()).isCloseTo(0.1 * Math.sin(angle), within(1e-9));
        assertThat(at.z()).isCloseTo(0.1 * (1 - Math.cos(angle)), within(1e-9));
    }

    /** Two bends and the turn between them, in vectors: the second leaves along the way into the silencer. */
    @Property(tries = 60)
    void twoElbowsAndTheTurnBetween_leadFromFlangeToSilencer(
            @ForAll @DoubleRange(min = -1, max = 1) double y, @ForAll @DoubleRange(min = -1, max = 1) double z) {
        Vec3 out = new Vec3(0.3, -1, 0.2).unit();
        Vec3 in = new Vec3(-1, y, z).unit();
        Route route = Route.between(Vec3.ZERO, out, new Vec3(-0.6, -0.9, 0.5), in, 0.06)
                .orElseThrow();
        Vec3 run = route.corners().get(2).minus(route.corners().get(1)).unit();
        Vec3 firstPlane = out.cross(run).unit();
        // Carry the plane of the first bend along and turn it by the twist, one way or the other.
        double best = Double.POSITIVE_INFINITY;
        for (double twist : List.of(route.twist(), -route.twist())) {
            Vec3 plane = turned(firstPlane, run, twist);
            best = Math.min(best, turned(run, plane, route.secondAngle()).distanceTo(in));
        }
        assertThat(best).isLessThan(1e-6);
        assertThat(turned(out, firstPlane, route.firstAngle()).distanceTo(run)).isLessThan(1e-6);
    }

    private static Vec3 turned(Vec3 v, Vec3 axis, double angle) {
        return v.times(Math.cos(angle))
                .plus(axis.cross(v).times(Math.sin(angle)))
                .plus(axis.times(axis.dot(v) * (1 - Math.cos(angle))));
    }

    /** Half a metre of head through six millimetres and a metre of hose: some 40 to 60 litres an hour; common practice. */
    @Test
    void fuelUnderHalfAMetre_runsAsTanksDo() {
        double litres = FuelFlow.of(0.5, 0.006, 1.0) / FuelFlow.DENSITY * 1000 * 3600;
        assertThat(litres).isBetween(35.0, 80.0);
        assertThat(FuelFlow.of(0, 0.006, 1)).isZero();
        assertThat(FuelFlow.of(-0.1, 0.006, 1)).isZero();
    }

    /** Slow flow in a thin tube is Hagen's: twice the head, twice the flow; four times in a tube nearly a fifth wider. */
    @Test
    void slowFlowInAThinTube_isHagensAndPoiseuilles() {
        double one = FuelFlow.of(0.01, 0.001, 5);
        assertThat(FuelFlow.of(0.02, 0.001, 5) / one).isCloseTo(2, within(0.02));
        assertThat(one)
                .isCloseTo(Math.PI * 9.80665 * 740 * 740 * 0.01 * 1e-12 / (128 * 0.6e-3 * 5), within(0.02 * one));
    }

    /** A brick wall of a rule: at 1 g forward the surface stands at 45 degrees. */
    @Test
    void oneGForward_tiltsTheSurfaceByHalfARightAngle() {
        Vec3 jetBehind = new Vec3(-0.02, 0, 0);
        assertThat(FloatLevel.over(jetBehind, Vec3.Z.negated(), Vec3.X.times(9.80665)))
                .isCloseTo(0.02, within(1e-9));
        assertThat(FloatLevel.over(jetBehind, Vec3.Z.negated(), Vec3.X.times(-9.80665)))
                .isCloseTo(-0.02, within(1e-9));
        assertThat(FloatLevel.over(jetBehind, Vec3.Z.negated(), Vec3.ZERO)).isZero();
        assertThat(FloatLevel.over(jetBehind, Vec3.Z, Vec3.ZERO)).isInfinite();
    }

    @Test
    void humpWithoutABleed_trapsAir() {
        List<Vec3> round = List.of(
                new Vec3(0, 0, 0.5),
                new Vec3(0.3, 0, 0.7),
                new Vec3(0.6, 0, 0.6),
                new Vec3(0.8, 0, 0.65),
                new Vec3(0.8, 0, 0.2),
                new Vec3(0, 0, 0.2));
        CircuitTraps none = CircuitTraps.of(round, List.of(), List.of(), 0.05);
        assertThat(none.high()).containsExactlyInAnyOrder(round.get(1), round.get(3));
        assertThat(none.low()).hasSize(2).contains(round.get(2));
        CircuitTraps bled = CircuitTraps.of(round, List.of(new Vec3(0.3, 0.02, 0.7)), List.of(), 0.05);
        assertThat(bled.high()).containsExactly(round.get(3));
        // A ripple of half a centimetre fills by itself.
        List<Vec3> ripple =
                List.of(new Vec3(0, 0, 0.5), new Vec3(0.1, 0, 0.495), new Vec3(0.2, 0, 0.5), new Vec3(0.2, 0, 0.1));
        assertThat(CircuitTraps.of(ripple, List.of(), List.of(), 0.01).high()).hasSize(1);
    }

    /** 20 kW into the coolant through 0.1 m2 at 8 m/s: the air comes out some 21 K warmer (energy balance by hand). */
    @Test
    void airThroughACore_warmsByTheHeatItTakes() {
        Radiator radiator = Radiator.of(20_000, 1, 0.1, 8);
        assertThat(radiator.airRise()).isCloseTo(21.0, within(0.3));
        assertThat(radiator.coolantOverAir()).isGreaterThan(radiator.airRise());
    }

    /** A metre of 25 mm2 at 150 A loses about a tenth of a volt: handbook table, from memory. */
    @Test
    void starterLead_losesATenthOfAVoltAMetre() {
        assertThat(LeadDrop.of(150, 1, 25e-6)).isCloseTo(0.103, within(0.002));
    }

    /** Upright over the eye at the arm's end: as the wheel rises a centimetre it shortens by the arm's share of that. */
    @Test
    void uprightShockOnHalfTheArm_movesHalfAsFar() {
        ShockTravel travel = ShockTravel.of(
                Vec3.ZERO, Vec3.Y, new Vec3(-0.5, 0, 0), new Vec3(-0.25, 0, 0), new Vec3(-0.25, 0, 0.4), 0.01, 0.01);
        ShockTravel.At middle = travel.at().get(30);
        assertThat(middle.rise()).isCloseTo(0, within(1e-12));
        assertThat(middle.ratio()).isCloseTo(0.5, within(1e-9));
        assertThat(middle.lean()).isCloseTo(Math.PI / 2, within(1e-9));
        assertThat(travel.longest() - travel.shortest()).isCloseTo(0.01, within(1e-4));
        assertThat(travel.keepsSense()).isTrue();
    }

    /** The slope of the length is the ratio that is told. */
    @Property(tries = 40)
    void ratio_isHowFastItShortens(@ForAll @DoubleRange(min = -0.2, max = 0.2) double forward) {
        ShockTravel travel = ShockTravel.of(
                new Vec3(0, 0.1, 0.3),
                new Vec3(0, 1, 0.1),
                new Vec3(-0.5, 0, 0.25),
                new Vec3(-0.3, 0, 0.3),
                new Vec3(forward, 0.05, 0.6),
                0.06,
                0.06);
        ShockTravel.At before = travel.at().get(19);
        ShockTravel.At here = travel.at().get(20);
        ShockTravel.At after = travel.at().get(21);
        double slope = (before.length() - after.length()) / (after.rise() - before.rise());
        assertThat(here.ratio()).isCloseTo(slope, within(1e-3));
    }

    @Test
    void travelBeyondTheArm_isRefused() {
        assertThatThrownBy(() -> ShockTravel.of(
                        Vec3.ZERO, Vec3.Y, new Vec3(-0.1, 0, 0), new Vec3(-0.05, 0, 0), new Vec3(0, 0, 0.4), 0, 0.2))
                .hasMessageContaining("longer arm");
    }

    /** 140 N m on a gear of 40 mm radius presses one tooth with 3.5 kN; an M6 pin at 30 mm is sheared by 165 MPa (by hand). */
    @Test
    void nutHeldByItsGear_pressesOneTooth() {
        NutThroughGears nut = NutThroughGears.of(140, 0.040, 0.012, 0.0025, 0.006, 0.030);
        assertThat(nut.toothForce()).isCloseTo(3500, within(1e-9));
        assertThat(nut.pinStress()).isCloseTo(165e6, within(1e6));
        assertThat(nut.toothStress()).isGreaterThan(3e8);
    }

    /** Seven and a half inches on fourteen and on ten feet: two and a half and three and a half degrees, common practice. */
    @Test
    void longerGear_tipsTheMachineBack() {
        double inch = 0.0254;
        assertThat(Math.toDegrees(GroundStance.lifted(7.5 * inch, 14 * 12 * inch, 0.5, 1.2, 0, 1.5)
                        .tips()))
                .isCloseTo(2.5, within(0.1));
        assertThat(Math.toDegrees(GroundStance.lifted(7.5 * inch, 10 * 12 * inch, 0.5, 1.2, 0, 1.5)
                        .tips()))
                .isCloseTo(3.6, within(0.1));
        GroundStance level = GroundStance.lifted(0, 4, 0.5, 1.0, 0, 1.6);
        assertThat(level.standing()).isCloseTo(0.2, within(1e-12));
        assertThat(level.level()).isCloseTo(0.2, within(1e-12));
    }
}
