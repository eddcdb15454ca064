package oddcradle.core.section;

import oddcradle.core.math.Guard;

/**
 * Solid rectangle.
 *
 * <p>Second moments exact; torsion of a rectangle, Roark's Formulas for Stress and Strain (from memory).
 *
 * @param b size along local y, m
 * @param h size along local z, m
 */
public record Rect(double b, double h) implements Section {
    public Rect {
        Guard.size("b", b);
        Guard.size("h", h);
    }

    @Override
    public double area() {
        return b * h;
    }

    @Override
    public double secondMomentY() {
        return b * Math.pow(h, 3) / 12;
    }

    @Override
    public double secondMomentZ() {
        return h * Math.pow(b, 3) / 12;
    }

    /** Saint-Venant's series for the rectangle, Timoshenko and Goodier, Theory of Elasticity, art. 109 (from memory). */
    @Override
    public double torsionConstant() {
        double longSide = Math.max(b, h);
        double shortSide = Math.min(b, h);
        double sum = 0;
        for (int n = 1; n <= 41; n += 2) {
            sum += Math.tanh(n * Math.PI * longSide / (2 * shortSide)) / Math.pow(n, 5);
        }
        double share = 1.0 / 3 - 64 / Math.pow(Math.PI, 5) * shortSide / longSide * sum;
        return longSide * Math.pow(shortSide, 3) * share;
    }

    @Override
    public double shearCoefficientY(double nu) {
        return 10 * (1 + nu) / (12 + 11 * nu);
    }

    @Override
    public double shearCoefficientZ(double nu) {
        return shearCoefficientY(nu);
    }

    @Override
    public double bendingStress(double momentY, double momentZ) {
        return Math.abs(momentY) * h / 2 / secondMomentY() + Math.abs(momentZ) * b / 2 / secondMomentZ();
    }

    /** Greatest at the middle of the long side; same series and source as the torsion constant. */
    @Override
    public double torsionStress(double torque) {
        double longSide = Math.max(b, h);
        double shortSide = Math.min(b, h);
        double sum = 0;
        for (int n = 1; n <= 41; n += 2) {
            sum += 1 / (n * n * Math.cosh(n * Math.PI * longSide / (2 * shortSide)));
        }
        return Math.abs(torque) * shortSide / torsionConstant() * (1 - 8 / (Math.PI * Math.PI) * sum);
    }

    @Override
    public double halfSize(boolean upright) {
        return (upright ? h : b) / 2;
    }

    @Override
    public double outerRadius() {
        return Math.hypot(b, h) / 2;
    }

    @Override
    public String designation() {
        return "flat " + Section.mm(b) + " x " + Section.mm(h);
    }
}
