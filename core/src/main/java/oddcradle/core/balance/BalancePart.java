package oddcradle.core.balance;

import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;

/**
 * Something put onto a rotor, or taken out of it, for its balance. All angles are of the place on the rotor, rad; common practice: a rotor
 * that is drilled loses what the hole held.
 */
public sealed interface BalancePart {
    /** Place on the rotor, rad. */
    double angle();

    /** What it adds along its angle, kg m; less than 0 where it takes mass away. */
    double amount();

    /** What it adds. */
    default Unbalance unbalance() {
        return Unbalance.at(amount(), angle());
    }

    /**
     * A mass in one point.
     *
     * @param mass kg; less than 0 where it is taken away
     * @param radius m, 0 or more
     * @param angle rad
     */
    record Mass(double mass, double radius, double angle) implements BalancePart {
        public Mass {
            Guard.finite("mass", mass);
            Guard.notNegative("radius", radius, "m");
            Guard.finite("angle", angle);
        }

        @Override
        public double amount() {
            return mass * radius;
        }
    }

    /**
     * A drilled hole, empty.
     *
     * @param density of the metal that it is drilled in, kg/m3
     * @param angle rad
     */
    record Hole(Bore bore, double density, double angle) implements BalancePart {
        public Hole {
            Guard.present("bore", bore);
            Guard.positive("density", density, "kg/m3");
            Guard.finite("angle", angle);
        }

        @Override
        public double amount() {
            return -density * bore.volumeTimesRadius();
        }
    }

    /**
     * A drilled hole filled with another metal.
     *
     * @param density of the metal that it is drilled in, kg/m3
     * @param plugDensity of what fills it, kg/m3
     * @param angle rad
     */
    record Plug(Bore bore, double density, double plugDensity, double angle) implements BalancePart {
        public Plug {
            Guard.present("bore", bore);
            Guard.positive("density", density, "kg/m3");
            Guard.positive("plug_density", plugDensity, "kg/m3");
            Guard.finite("angle", angle);
        }

        @Override
        public double amount() {
            return (plugDensity - density) * bore.volumeTimesRadius();
        }
    }

    /** Which way a hole is drilled. */
    enum Direction {
        /** Along the shaft. */
        AXIAL,
        /** From the rim inward. */
        RADIAL
    }

    /**
     * The room of a drilled hole.
     *
     * @param diameter m
     * @param depth of its straight wall, m
     * @param tipAngle full cone angle of the drill point beyond the depth, rad, up to pi; pi for a flat end
     * @param radius of its axis where it is drilled along the shaft, of its flat mouth where it is drilled inward, m
     */
    record Bore(double diameter, double depth, double tipAngle, Direction direction, double radius) {
        public Bore {
            Guard.positive("diameter", diameter, "m");
            Guard.positive("depth", depth, "m");
            Guard.present("direction", direction);
            Guard.notNegative("radius", radius, "m");
            if (!(tipAngle > 0 && tipAngle <= Math.PI)) {
                throw new InvalidValue("tip_angle", "is " + tipAngle + " rad, must be more than 0 and at most pi");
            }
            double deepest = depth + diameter / 2 / Math.tan(tipAngle / 2);
            if (direction == Direction.RADIAL && deepest > radius) {
                throw new InvalidValue(
                        "depth",
                        "reaches " + deepest + " m with its point, deeper than the radius " + radius
                                + " m: drill less deep or from farther out");
            }
        }

        private double tip() {
            return diameter / 2 / Math.tan(tipAngle / 2);
        }

        /** Volume times the radius of its own centre, m4. */
        double volumeTimesRadius() {
            double area = Math.PI * diameter * diameter / 4;
            double straight = area * depth;
            double cone = area * tip() / 3;
            return direction == Direction.AXIAL
                    ? (straight + cone) * radius
                    : straight * (radius - depth / 2) + cone * (radius - depth - tip() / 4);
        }
    }
}
