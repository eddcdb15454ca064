package oddcradle.core.section;

import oddcradle.core.math.Guard;

/**
 * Solid round bar.
 *
 * <p>Closed forms of the circle, exact.
 *
 * @param diameter m
 */
public record Round(double diameter) implements Section {
    public Round {
        Guard.size("diameter", diameter);
    }

    @Override
    public double area() {
        return Math.PI / 4 * diameter * diameter;
    }

    @Override
    public double secondMomentY() {
        return Math.PI / 64 * Math.pow(diameter, 4);
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
        return 6 * (1 + nu) / (7 + 6 * nu);
    }

    @Override
    public double shearCoefficientZ(double nu) {
        return shearCoefficientY(nu);
    }

    @Override
    public double bendingStress(double momentY, double momentZ) {
        // Not Math.hypot: moments of machines neither overflow nor vanish, and this runs at every station of every
        // tube.
        return Math.sqrt(momentY * momentY + momentZ * momentZ) * diameter / 2 / secondMomentY();
    }

    @Override
    public double torsionStress(double torque) {
        return Math.abs(torque) * diameter / 2 / torsionConstant();
    }

    @Override
    public double halfSize(boolean upright) {
        return outerRadius();
    }

    @Override
    public double outerRadius() {
        return diameter / 2;
    }

    @Override
    public String designation() {
        return "round bar " + Section.mm(diameter);
    }
}
