package oddcradle.core.engine;

import java.util.List;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;

/**
 * What moves in an engine at constant crank speed, about its crank axis X: angles from +Z, positive about +X, so that direction
 * b is {@code (y, z) = (-sin b, cos b)}; the crank turns positively. By definition; lengths in m.
 *
 * @param cylinders one or more
 * @param counterweights fixed to the crank
 * @param shafts that turn with or against it
 */
public record CrankTrain(List<Cylinder> cylinders, List<Counterweight> counterweights, List<BalanceShaft> shafts) {
    private static final int MOST = 64;
    private static final double LONGEST = 10;
    private static final double MOST_ANGLE = 1e6;

    public CrankTrain {
        cylinders = List.copyOf(cylinders);
        counterweights = List.copyOf(counterweights);
        shafts = List.copyOf(shafts);
        if (cylinders.isEmpty()) {
            throw new InvalidValue("cylinders", "is empty, an engine has at least one");
        }
        Guard.within("cylinders", cylinders.size(), 1, MOST, "");
        Guard.within("counterweights", counterweights.size(), 0, MOST, "");
        Guard.within("shafts", shafts.size(), 0, MOST, "");
    }

    /**
     * A piston on its crank pin.
     *
     * @param throwAngle of the crank pin at crank angle 0, rad
     * @param bank direction of the cylinder, rad
     * @param x along the crank from its midpoint, m
     * @param crankRadius half the stroke, m
     * @param rodLength between its centres, m; more than crank radius and pin offset together
     * @param reciprocatingMass piston, pin and the rod's share, kg
     * @param rotatingMass at the crank pin, kg
     * @param pinOffset of the piston pin's way from the crank axis, toward bank + 90 degrees, m
     */
    public record Cylinder(
            double throwAngle,
            double bank,
            double x,
            double crankRadius,
            double rodLength,
            double reciprocatingMass,
            double rotatingMass,
            double pinOffset) {
        public Cylinder {
            requireAngle("throw", throwAngle);
            requireAngle("bank", bank);
            requirePlace("x", x);
            Guard.positive("crank_radius", crankRadius, "m");
            requirePlace("crank_radius", crankRadius);
            Guard.positive("rod_length", rodLength, "m");
            requirePlace("rod_length", rodLength);
            Guard.notNegative("reciprocating_mass", reciprocatingMass, "kg");
            Guard.notNegative("rotating_mass", rotatingMass, "kg");
            requirePlace("pin_offset", pinOffset);
            double least = crankRadius + Math.abs(pinOffset);
            if (!(rodLength > least)) {
                throw new InvalidValue(
                        "rod_length",
                        "is " + rodLength + " m, must be more than crank radius and pin offset together, " + least
                                + " m; the crank could not turn");
            }
        }

        /** An upright slider-crank without offset. */
        static Cylinder plain(
                double throwAngle, double bank, double x, double crankRadius, double rodLength, double mass) {
            return new Cylinder(throwAngle, bank, x, crankRadius, rodLength, mass, 0, 0);
        }

        /** Where the piston pin is on its way, its first and its second change by crank angle: m, m/rad, m/rad2; exact. */
        double[] piston(double crankAngle) {
            double turned = crankAngle + throwAngle - bank;
            double along = crankRadius * Math.cos(turned);
            double across = crankRadius * Math.sin(turned);
            double aside = across - pinOffset;
            double reach = Math.sqrt(rodLength * rodLength - aside * aside);
            double slope = aside * along / reach;
            return new double[] {
                along + reach,
                -across - slope,
                -along - (along * along - aside * across) / reach - slope * slope / reach
            };
        }
    }

    /**
     * A mass fixed to the crank.
     *
     * @param massRadius kg m
     * @param angle at crank angle 0, rad
     * @param x along the crank from its midpoint, m
     */
    public record Counterweight(double massRadius, double angle, double x) {
        public Counterweight {
            Guard.notNegative("mr", massRadius, "kg m");
            requireAngle("angle", angle);
            requirePlace("x", x);
        }
    }

    /**
     * A mass on a shaft geared to the crank.
     *
     * @param ratio turns for one of the crank: 1, -1, 2 or -2
     * @param massRadius kg m
     * @param phase of the mass at crank angle 0, rad
     * @param x along the crank from its midpoint, m
     * @param y of the shaft's axis from the crank's, m
     * @param z the same, m
     */
    public record BalanceShaft(int ratio, double massRadius, double phase, double x, double y, double z) {
        public BalanceShaft {
            if (Math.abs(ratio) != 1 && Math.abs(ratio) != 2) {
                throw new InvalidValue("ratio", "is " + ratio + ", must be 1, -1, 2 or -2");
            }
            Guard.notNegative("mr", massRadius, "kg m");
            requireAngle("phase", phase);
            requirePlace("x", x);
            requirePlace("y", y);
            requirePlace("z", z);
        }
    }

    private static void requireAngle(String field, double value) {
        Guard.within(field, value, -MOST_ANGLE, MOST_ANGLE, "rad");
    }

    private static void requirePlace(String field, double value) {
        Guard.within(field, value, -LONGEST, LONGEST, "m");
    }
}
