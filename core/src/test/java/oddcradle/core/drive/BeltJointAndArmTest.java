package oddcradle.core.drive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.PreparedSolid;
import oddcradle.core.geometry.distance.SolidDistance;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BeltJointAndArmTest {
    /** A belt is the string round two discs: the mean width of their hull, integrated over all directions (Cauchy). */
    @Property(tries = 60)
    void beltLength_isTheStringRoundBothPulleys(
            @ForAll @DoubleRange(min = 0.05, max = 0.4) double one,
            @ForAll @DoubleRange(min = 0.05, max = 0.4) double other,
            @ForAll @DoubleRange(min = 0.01, max = 1.0) double more) {
        double centre = (one + other) / 2 + more;
        int steps = 20_000;
        double length = 0;
        for (int k = 0; k < steps; k++) {
            double angle = 2 * Math.PI * k / steps;
            length += Math.max(one / 2, centre * Math.cos(angle) + other / 2) * 2 * Math.PI / steps;
        }
        OpenBelt belt = OpenBelt.of(one, other, centre);
        assertThat(belt.length()).isCloseTo(length, within(1e-6));
        assertThat(belt.wrapSmall() + belt.wrapLarge()).isCloseTo(2 * Math.PI, within(1e-12));
        assertThat(OpenBelt.centreFor(belt.length(), one, other)).isCloseTo(centre, within(1e-9));
        assertThat(OpenBelt.otherDiameter(belt.length(), one, centre)).isCloseTo(other, within(1e-9));
    }

    /** Euler and Eytelwein: half a turn at 0.3 holds e^(0.3 pi) = 2.566 to one; in a 38 degree groove 18.1 (arithmetic). */
    @Test
    void pullRatio_growsInAWedge() {
        assertThat(OpenBelt.pullRatio(0.3, Math.PI, 0)).isCloseTo(2.566, within(0.001));
        assertThat(OpenBelt.pullRatio(0.3, Math.PI, Math.toRadians(38))).isCloseTo(18.1, within(0.05));
        assertThat(OpenBelt.rideHeight(0.001, Math.toRadians(26))).isCloseTo(0.002166, within(1e-6));
    }

    @Test
    void impossibleBelts_nameTheCure() {
        assertThatThrownBy(() -> OpenBelt.of(0.2, 0.3, 0.25)).hasMessageContaining("pulleys overlap");
        assertThatThrownBy(() -> OpenBelt.centreFor(0.5, 0.2, 0.3)).hasMessageContaining("too short");
        assertThatThrownBy(() -> OpenBelt.otherDiameter(5, 0.1, 0.4)).hasMessageContaining("no other pulley fits");
    }

    /** Chain handbooks: 11 teeth about 4 %, 17 about 1.7 %, 25 about 0.8 % (from memory). */
    @ParameterizedTest
    @CsvSource({"11, 0.041", "17, 0.017", "25, 0.008"})
    void chainSpeed_swingsLessWithMoreTeeth(int teeth, double swing) {
        assertThat(RollerChain.speedSwing(teeth)).isCloseTo(swing, within(5e-4));
    }

    /** A single joint at 30 degrees swings between 0.866 and 1.155 of the mean speed (trigonometry). */
    @Test
    void singleJoint_swingsByItsAngle() {
        assertThat(JointPair.swing(Math.toRadians(30))).isCloseTo(1.1547 - 0.8660, within(1e-4));
    }

    private static Vec3 bent(double angle, double about) {
        return new Vec3(Math.cos(angle), Math.sin(angle) * Math.cos(about), Math.sin(angle) * Math.sin(about));
    }

    /** How far the last shaft runs ahead of the first, by turning the two joints one after the other. */
    private static double wobble(double first, double second, double psi) {
        double most = 0;
        for (int k = 0; k < 3600; k++) {
            double in = 2 * Math.PI * k / 3600;
            double between = Math.atan2(Math.sin(in), Math.cos(in) * Math.cos(first));
            // Its yoke stands a quarter turn and psi further on: an even pair takes back what the first joint gave.
            double start = between + Math.PI / 2 - psi;
            double out = Math.atan2(Math.sin(start), Math.cos(start) * Math.cos(second));
            most = Math.max(most, Math.abs(Math.sin(out - in - Math.PI / 2 + psi)));
        }
        return most;
    }

    @Property(tries = 60)
    void twoJoints_wobbleLikeTheirEquivalent(
            @ForAll @DoubleRange(min = 0.02, max = 0.15) double first,
            @ForAll @DoubleRange(min = 0.02, max = 0.15) double second,
            @ForAll @DoubleRange(min = -1.5, max = 1.5) double phase) {
        JointPair pair = JointPair.of(bent(first, Math.PI), Vec3.X, bent(second, 0), phase);
        double equivalent = pair.equivalentAngle();
        // One joint runs ahead by b^2 / 4 at most, to the second order.
        assertThat(wobble(first, second, phase)).isCloseTo(equivalent * equivalent / 4, within(1e-4));
    }

    @Test
    void evenAnglesInPhase_cancel() {
        Vec3 input = bent(0.2, Math.PI);
        assertThat(JointPair.of(input, Vec3.X, bent(0.2, 0), 0).equivalentAngle())
                .isCloseTo(0, within(1e-7));
        assertThat(JointPair.of(input, Vec3.X, input.negated().plus(new Vec3(2 * input.x(), 0, 0)), 0)
                        .equivalentAngle())
                .isCloseTo(0, within(1e-7));
        JointPair across = JointPair.of(input, Vec3.X, bent(0.2, Math.PI / 2), 0);
        assertThat(across.equivalentAngle()).isCloseTo(0.2 * Math.sqrt(2), within(1e-9));
        assertThat(JointPair.of(input, Vec3.X, bent(0.2, Math.PI / 2), across.bestPhase())
                        .equivalentAngle())
                .isCloseTo(0, within(1e-7));
    }

    @Property(tries = 100)
    void extremesOfAnArm_areThoseOfDenseSampling(
            @ForAll @DoubleRange(min = -0.1, max = 0.1) double x,
            @ForAll @DoubleRange(min = -0.1, max = 0.1) double z,
            @ForAll @DoubleRange(min = -3, max = 3) double from,
            @ForAll @DoubleRange(min = 0.05, max = 6) double range) {
        List<Double> angles = new ArrayList<>();
        for (int k = 0; k <= 4000; k++) {
            angles.add(from + range * k / 4000);
        }
        SwingArmChain.Point front = new SwingArmChain.Point(x, z);
        SwingArmChain.Point pivot = new SwingArmChain.Point(0.02, -0.01);
        SwingArmChain few = SwingArmChain.of(front, pivot, 0.5, 0.0127, 15, 40, List.of(from, from + range));
        SwingArmChain many = SwingArmChain.of(front, pivot, 0.5, 0.0127, 15, 40, angles);
        double most = many.travel().stream()
                .mapToDouble(SwingArmChain.At::centre)
                .max()
                .orElseThrow();
        double least = many.travel().stream()
                .mapToDouble(SwingArmChain.At::centre)
                .min()
                .orElseThrow();
        assertThat(few.maxCentre()).isCloseTo(most, within(1e-7)).isGreaterThanOrEqualTo(most - 1e-12);
        assertThat(few.minCentre()).isCloseTo(least, within(1e-7)).isLessThanOrEqualTo(least + 1e-12);
    }

    /** The pitch line of a taut chain lies in its envelope, and a point a plate's height off it does not. */
    @Property(tries = 40)
    void envelope_holdsThePitchLine(
            @ForAll @DoubleRange(min = 0.03, max = 0.09) double front,
            @ForAll @DoubleRange(min = 0.03, max = 0.12) double rear,
            @ForAll @DoubleRange(min = -3, max = 3) double angle) {
        Vec3 second = new Vec3(0.5 * Math.cos(angle), 0.02, 0.5 * Math.sin(angle));
        List<PreparedSolid> solids = RunEnvelope.of(Vec3.ZERO, second, Vec3.Y, front, rear, 0.014, 0.02).stream()
                .map(PreparedSolid::of)
                .toList();
        for (int k = 0; k < 40; k++) {
            double around = 2 * Math.PI * k / 40;
            Vec3 out = new Vec3(Math.cos(around), 0, Math.sin(around));
            assertThat(depth(solids, out.times(front))).isLessThan(0);
            assertThat(depth(solids, second.plus(out.times(rear)))).isLessThan(0);
        }
        assertThat(solids).hasSize(4);
        assertThat(depth(solids, new Vec3(0, 0.03, 0))).isPositive();
    }

    private static double depth(List<PreparedSolid> solids, Vec3 point) {
        PreparedSolid spot = PreparedSolid.of(new Solid.Sphere(point, 1e-6));
        return solids.stream()
                .mapToDouble(solid -> SolidDistance.between(spot, solid).distance())
                .min()
                .orElseThrow();
    }

    @Test
    void drivetrain_multipliesItsSteps() {
        Drivetrain train = new Drivetrain(List.of(
                new Drivetrain.Step(2.1, 0.98), new Drivetrain.Step(2.9, 0.97), Drivetrain.Step.ofTeeth(14, 41, 0.96)));
        assertThat(train.ratio()).isCloseTo(2.1 * 2.9 * 41 / 14, within(1e-12));
        assertThat(train.torqueOut(40) / 40).isCloseTo(train.ratio() * 0.98 * 0.97 * 0.96, within(1e-12));
        assertThatThrownBy(() -> Drivetrain.Step.ofTeeth(1, 40, 1)).hasMessageContaining("driver is 1 teeth");
        assertThatThrownBy(() -> new Drivetrain(List.of())).hasMessageContaining("stages");
    }

    /** 120 f / p, a standard table; two rotors on a spring in closed form. */
    @Test
    void generator_turnsAtItsFrequency() {
        LineEnd.Generator fifty = new LineEnd.Generator(4, 50, 0.05, 0, 0.14, 0.09);
        assertThat(fifty.fullLoadSpeed() * 30 / Math.PI).isCloseTo(1500, within(1e-9));
        assertThat(new LineEnd.Generator(4, 60, 0, 0, 0, 0).fullLoadSpeed() * 30 / Math.PI)
                .isCloseTo(1800, within(1e-9));
        assertThat(fifty.noLoadSpeed() * 30 / Math.PI).isCloseTo(1575, within(1e-9));
        assertThat(fifty.torsionalFrequency(450).orElseThrow())
                .isCloseTo(Math.sqrt(450 / (0.14 * 0.09 / 0.23)) / (2 * Math.PI), within(1e-12));
        assertThatThrownBy(() -> new LineEnd.Generator(3, 50, 0, 0, 0, 0)).hasMessageContaining("must be even");
    }

    /** A 72 inch propeller at 2700 rpm: tips at pi D n = 258.5 m/s, Mach 0.78 in flight at 60 m/s (arithmetic). */
    @Test
    void propellerTips_reachTheirMachNumber() {
        LineEnd.Propeller propeller = new LineEnd.Propeller(1.8288, 0.8, 60, 0.05, 0, 0.1, 1.5, 0.19, false, 2);
        double speed = 2700 * Math.PI / 30;
        assertThat(propeller.tipSpeed(speed)).isCloseTo(258.5, within(0.1));
        assertThat(propeller.helicalMach(speed)).isCloseTo(0.780, within(0.001));
        assertThat(propeller.gyroscopicMoment(speed, 2.5)).isCloseTo(0.8 * speed * 2.5, within(1e-9));
        // Seven and a half inches over a wheelbase of five feet turns the nose up about seven degrees.
        assertThat(Math.toDegrees(propeller.groundAngleChange())).isCloseTo(7.2, within(0.1));
    }

    /** A 1000 kg machine from 20 m/s: 200 kJ; nine tenths into 4 kg of steel heat it by 98 K (arithmetic). */
    @Test
    void brakes_takeUpTheEnergy() {
        assertThat(new LineEnd.Brakes(4, 460, 0.9).rise(200_000)).isCloseTo(97.8, within(0.1));
    }
}
