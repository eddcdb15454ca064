package oddcradle.core.engine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import oddcradle.core.math.Complex;
import org.junit.jupiter.api.Test;

class ShakingOrdersTest {
    private static final double SPEED = 300;
    private static final double MASS = 0.4;
    private static final double RADIUS = 0.035;
    private static final double ROD = 0.125;
    /** m r w2 and the same times r / l. */
    private static final double FIRST = MASS * RADIUS * SPEED * SPEED;

    private static final double SECOND = FIRST * RADIUS / ROD;

    private static CrankTrain engine(double[] throwDegrees, double[] bankDegrees, double spacing) {
        List<CrankTrain.Cylinder> cylinders = new ArrayList<>();
        for (int k = 0; k < throwDegrees.length; k++) {
            cylinders.add(CrankTrain.Cylinder.plain(
                    Math.toRadians(throwDegrees[k]),
                    Math.toRadians(bankDegrees[k]),
                    spacing * (k - (throwDegrees.length - 1) / 2.0),
                    RADIUS,
                    ROD,
                    MASS));
        }
        return new CrankTrain(cylinders, List.of(), List.of());
    }

    private static double force(CrankTrain train, int order) {
        ShakingOrders.Order found =
                ShakingOrders.of(train, SPEED, order).orders().get(order - 1);
        return found.forceZ().modulus();
    }

    /** The series stops at the second order in the books: r / l to the third is left out there, some 0.8 % here. */
    @Test
    void forcesOfTheLayouts_areThoseOfTheBooks() {
        // Taylor, vol. 2, and Den Hartog, Mechanical Vibrations: tables of balance (from memory).
        CrankTrain single = engine(new double[] {0}, new double[] {0}, 0);
        assertThat(force(single, 1)).isCloseTo(FIRST, withinPercentage(0.01));
        assertThat(force(single, 2)).isCloseTo(SECOND, withinPercentage(3));
        CrankTrain twinEven = engine(new double[] {0, 0}, new double[] {0, 0}, 0.1);
        assertThat(force(twinEven, 1)).isCloseTo(2 * FIRST, withinPercentage(0.01));
        CrankTrain twin180 = engine(new double[] {0, 180}, new double[] {0, 0}, 0.1);
        assertThat(force(twin180, 1)).isCloseTo(0, within(1e-6));
        assertThat(force(twin180, 2)).isCloseTo(2 * SECOND, withinPercentage(3));
        assertThat(ShakingOrders.of(twin180, SPEED, 1).orders().get(0).coupleY().modulus())
                .isCloseTo(0.1 * FIRST, withinPercentage(0.01));
        CrankTrain twin270 = engine(new double[] {0, 270}, new double[] {0, 0}, 0.1);
        assertThat(force(twin270, 1)).isCloseTo(Math.sqrt(2) * FIRST, withinPercentage(0.01));
        assertThat(force(twin270, 2)).isCloseTo(0, within(1e-6));
        CrankTrain triple = engine(new double[] {0, 240, 120}, new double[] {0, 0, 0}, 0.1);
        assertThat(force(triple, 1)).isCloseTo(0, within(1e-6));
        assertThat(force(triple, 2)).isCloseTo(0, within(1e-6));
        CrankTrain four = engine(new double[] {0, 180, 180, 0}, new double[] {0, 0, 0, 0}, 0.1);
        assertThat(force(four, 1)).isCloseTo(0, within(1e-6));
        assertThat(force(four, 2)).isCloseTo(4 * SECOND, withinPercentage(3));
        CrankTrain cross = engine(new double[] {0, 90, 270, 180}, new double[] {0, 0, 0, 0}, 0.1);
        assertThat(force(cross, 1)).isCloseTo(0, within(1e-6));
        assertThat(force(cross, 2)).isCloseTo(0, within(1e-6));
        // Opposed pairs, each on its own pin, half a turn apart.
        CrankTrain flat = engine(new double[] {90, -90, -90, 90}, new double[] {90, -90, 90, -90}, 0.1);
        ShakingOrders balanced = ShakingOrders.of(flat, SPEED, 4);
        assertThat(balanced.peakForce()).isCloseTo(0, within(1e-6));
        assertThat(balanced.orders().get(0).coupleZ().modulus()).isCloseTo(0, within(1e-6));
        assertThat(balanced.orders().get(1).coupleZ().modulus()).isPositive();
    }

    /** A right-angled V on one pin: a weight of the crank takes the whole first order, Den Hartog (from memory). */
    @Test
    void rightAngledTwin_isBalancedByTheCrank() {
        CrankTrain bare = engine(new double[] {0, 0}, new double[] {45, -45}, 0);
        CrankTrain weighted = new CrankTrain(
                bare.cylinders(), List.of(new CrankTrain.Counterweight(MASS * RADIUS, Math.PI, 0)), List.of());
        assertThat(force(weighted, 1)).isCloseTo(0, within(1e-3 * FIRST));
        assertThat(force(bare, 1)).isCloseTo(FIRST, withinPercentage(0.1));
    }

    /** A weight of half the mass and a shaft against the crank with the other half leave nothing of a single's first order. */
    @Test
    void shaftAgainstTheCrank_takesWhatTheWeightLeaves() {
        CrankTrain single = engine(new double[] {0}, new double[] {0}, 0);
        CrankTrain balanced = new CrankTrain(
                single.cylinders(),
                List.of(new CrankTrain.Counterweight(MASS * RADIUS / 2, Math.PI, 0)),
                List.of(new CrankTrain.BalanceShaft(-1, MASS * RADIUS / 2, Math.PI, 0, 0.08, 0.03)));
        ShakingOrders.Order first =
                ShakingOrders.of(balanced, SPEED, 1).orders().get(0);
        assertThat(first.forceZ().modulus()).isCloseTo(0, within(1e-3 * FIRST));
        assertThat(first.forceY().modulus()).isCloseTo(0, within(1e-3 * FIRST));
        // Beside the crank it rolls the block: its force times its arm.
        Complex inertia = ShakingOrders.of(single, SPEED, 1).orders().get(0).rollMoment();
        double roll = Math.hypot(
                first.rollMoment().re() - inertia.re(), first.rollMoment().im() - inertia.im());
        assertThat(roll).isCloseTo(FIRST / 2 * Math.hypot(0.08, 0.03), withinPercentage(0.1));
    }

    /**
     * Force and moment are the change of momentum: of random engines, positions of every mass by where two circles meet, thrice a
     * small step apart.
     */
    @Test
    void shaking_isTheChangeOfMomentum() {
        Random random = new Random(15);
        for (int round = 0; round < 20; round++) {
            double bank = 2 * Math.PI * random.nextDouble();
            double crankAngle = 2 * Math.PI * random.nextDouble();
            double offset = 0.01 * random.nextGaussian();
            double x = 0.1 * random.nextGaussian();
            CrankTrain.Cylinder cylinder =
                    new CrankTrain.Cylinder(1, bank, x, RADIUS, ROD, MASS, 0.3, Math.min(0.02, Math.abs(offset)));
            ShakingOrders shaking =
                    ShakingOrders.of(new CrankTrain(List.of(cylinder), List.of(), List.of()), SPEED, 24);
            double step = 1e-4;
            double[][] at = {
                momentum(cylinder, crankAngle - step),
                momentum(cylinder, crankAngle),
                momentum(cylinder, crankAngle + step)
            };
            double[] wanted = new double[2];
            for (int axis = 0; axis < 2; axis++) {
                wanted[axis] = -(at[0][axis] - 2 * at[1][axis] + at[2][axis]) / (step * step) * SPEED * SPEED;
            }
            double y = 0;
            double z = 0;
            double couple = 0;
            for (ShakingOrders.Order order : shaking.orders()) {
                y += real(order.forceY(), order.order() * crankAngle);
                z += real(order.forceZ(), order.order() * crankAngle);
                couple += real(order.coupleY(), order.order() * crankAngle);
            }
            assertThat(y).isCloseTo(wanted[0], within(1e-4 * FIRST));
            assertThat(z).isCloseTo(wanted[1], within(1e-4 * FIRST));
            assertThat(couple).isCloseTo(-x * wanted[1], within(1e-4 * FIRST));
        }
    }

    /** Mass times place of piston and pin, kg m: the piston pin where the rod's circle meets its line. */
    private static double[] momentum(CrankTrain.Cylinder cylinder, double angle) {
        double pin = angle + cylinder.throwAngle();
        double[] crankPin = {-RADIUS * Math.sin(pin), RADIUS * Math.cos(pin)};
        double[] along = {-Math.sin(cylinder.bank()), Math.cos(cylinder.bank())};
        double[] aside = {-Math.cos(cylinder.bank()), -Math.sin(cylinder.bank())};
        double low = 0;
        double high = RADIUS + ROD;
        for (int k = 0; k < 100; k++) {
            double middle = (low + high) / 2;
            double dy = along[0] * middle + aside[0] * cylinder.pinOffset() - crankPin[0];
            double dz = along[1] * middle + aside[1] * cylinder.pinOffset() - crankPin[1];
            if (Math.hypot(dy, dz) < ROD) {
                low = middle;
            } else {
                high = middle;
            }
        }
        double[] sum = new double[2];
        for (int axis = 0; axis < 2; axis++) {
            sum[axis] = MASS * (along[axis] * low + aside[axis] * cylinder.pinOffset()) + 0.3 * crankPin[axis];
        }
        return sum;
    }

    private static double real(Complex value, double angle) {
        return value.re() * Math.cos(angle) - value.im() * Math.sin(angle);
    }
}
