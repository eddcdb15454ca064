package oddcradle.core.section;

import oddcradle.core.math.Guard;

/**
 * Rectangular tube with sharp corners. Torsion by Bredt's thin-walled theory on the wall's middle line.
 *
 * <p>Second moments exact for sharp corners; Bredt (1896), from memory.
 *
 * @param b outside size along local y, m
 * @param h outside size along local z, m
 * @param wall m, less than half the smaller side
 */
public record RectTube(double b, double h, double wall) implements Section {
    public RectTube {
        Guard.size("b", b);
        Guard.size("h", h);
        Section.requireHollow(wall, Math.min(b, h) / 2, "half the smaller side");
    }

    @Override
    public RectTube withWall(double other) {
        return new RectTube(b, h, other);
    }

    @Override
    public double area() {
        return b * h - (b - 2 * wall) * (h - 2 * wall);
    }

    @Override
    public double secondMomentY() {
        return (b * Math.pow(h, 3) - (b - 2 * wall) * Math.pow(h - 2 * wall, 3)) / 12;
    }

    @Override
    public double secondMomentZ() {
        return (h * Math.pow(b, 3) - (h - 2 * wall) * Math.pow(b - 2 * wall, 3)) / 12;
    }

    @Override
    public double torsionConstant() {
        return 4 * enclosedArea() * enclosedArea() * wall / (2 * (b + h - 2 * wall));
    }

    @Override
    public double shearCoefficientY(double nu) {
        return boxCoefficient(h - wall, b - wall, nu);
    }

    @Override
    public double shearCoefficientZ(double nu) {
        return boxCoefficient(b - wall, h - wall, nu);
    }

    @Override
    public double bendingStress(double momentY, double momentZ) {
        return Math.abs(momentY) * h / 2 / secondMomentY() + Math.abs(momentZ) * b / 2 / secondMomentZ();
    }

    @Override
    public double torsionStress(double torque) {
        return Math.abs(torque) / (2 * enclosedArea() * wall);
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
        return "box " + Section.mm(b) + " x " + Section.mm(h) + " x " + Section.mm(wall);
    }

    private double enclosedArea() {
        return (b - wall) * (h - wall);
    }

    /** Cowper's thin-walled box of equal wall, shear along the webs; sizes on the wall's middle line. */
    private static double boxCoefficient(double flange, double web, double nu) {
        double n = flange / web;
        double m = n;
        double shape = 12 + 72 * m + 150 * m * m + 90 * m * m * m;
        double poisson = 11 + 66 * m + 135 * m * m + 90 * m * m * m;
        double width = 10 * n * n * ((3 + nu) * m + 3 * m * m);
        return 10 * (1 + nu) * Math.pow(1 + 3 * m, 2) / (shape + nu * poisson + width);
    }
}
