package oddcradle.core.section;

import oddcradle.core.math.Guard;

/**
 * Round tube.
 *
 * <p>Closed forms of the ring, exact.
 *
 * @param od outside diameter, m
 * @param wall wall thickness, m, less than the radius
 */
public record Tube(double od, double wall) implements Section {
    public Tube {
        Guard.size("od", od);
        Section.requireHollow(wall, od / 2, "the radius");
    }

    @Override
    public Tube withWall(double other) {
        return new Tube(od, other);
    }

    /** Bore, m. */
    public double bore() {
        return od - 2 * wall;
    }

    @Override
    public double area() {
        return Math.PI * wall * (od - wall);
    }

    @Override
    public double secondMomentY() {
        double outer = od * od;
        double inner = bore() * bore();
        return Math.PI / 64 * (outer - inner) * (outer + inner);
    }

    @Override
    public double secondMomentZ() {
        return secondMomentY();
    }

    @Override
    public double torsionConstant() {
        return 2 * secondMomentY();
    }

    @Override
    public double shearCoefficientY(double nu) {
        double m2 = Math.pow(bore() / od, 2);
        double square = (1 + m2) * (1 + m2);
        return 6 * (1 + nu) * square / ((7 + 6 * nu) * square + (20 + 12 * nu) * m2);
    }

    @Override
    public double shearCoefficientZ(double nu) {
        return shearCoefficientY(nu);
    }

    @Override
    public double bendingStress(double momentY, double momentZ) {
        // Not Math.hypot: moments of machines neither overflow nor vanish, and this runs at every station of every
        // tube.
        return Math.sqrt(momentY * momentY + momentZ * momentZ) * od / 2 / secondMomentY();
    }

    @Override
    public double torsionStress(double torque) {
        return Math.abs(torque) * od / 2 / torsionConstant();
    }

    @Override
    public double halfSize(boolean upright) {
        return od / 2;
    }

    @Override
    public double outerRadius() {
        return od / 2;
    }

    @Override
    public String designation() {
        return "tube " + Section.mm(od) + " x " + Section.mm(wall);
    }
}
