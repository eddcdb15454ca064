package oddcradle.core.section;

import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;

/**
 * Rolled angle with equal legs and sharp corners. Which way its legs point is not kept, so both bending directions are reckoned with
 * the weak principal axis: never stiffer nor stronger than the true one.
 *
 * <p>Second moments by Steiner's theorem, exact for sharp corners; torsion of thin strips, Roark's Formulas for Stress and
 * Strain (from memory).
 *
 * @param leg outside length of each leg, m
 * @param thickness m, less than the leg
 */
public record Angle(double leg, double thickness) implements Section {
    public Angle {
        Guard.size("leg", leg);
        Guard.positive("thickness", thickness, "m");
        if (thickness >= leg) {
            throw new InvalidValue("thickness", "is " + thickness + " m, must be less than the leg, " + leg + " m");
        }
    }

    @Override
    public double area() {
        return thickness * (2 * leg - thickness);
    }

    /** From the outside of a leg to the centroid, m. */
    private double centroid() {
        return (leg * thickness * leg / 2 + (leg - thickness) * thickness * thickness / 2) / area();
    }

    /** About an axis along a leg through the centroid, m4. */
    private double legMoment() {
        double c = centroid();
        double upright = thickness * Math.pow(leg, 3) / 12 + leg * thickness * Math.pow(leg / 2 - c, 2);
        double flat = leg - thickness;
        return upright + flat * Math.pow(thickness, 3) / 12 + flat * thickness * Math.pow(c - thickness / 2, 2);
    }

    private double productMoment() {
        double c = centroid();
        double upright = leg * thickness * (thickness / 2 - c) * (leg / 2 - c);
        double flat = leg - thickness;
        return upright + flat * thickness * (thickness + flat / 2 - c) * (thickness / 2 - c);
    }

    @Override
    public double secondMomentY() {
        return legMoment() - Math.abs(productMoment());
    }

    @Override
    public double secondMomentZ() {
        return secondMomentY();
    }

    /** A third of the sum of b t³ over the legs. */
    @Override
    public double torsionConstant() {
        return (2 * leg - thickness) * Math.pow(thickness, 3) / 3;
    }

    /** Of the leg that stands along the shear: area of one leg over the whole. */
    @Override
    public double shearCoefficientY(double poissonRatio) {
        return leg * thickness / area() * 5 / 6;
    }

    @Override
    public double shearCoefficientZ(double poissonRatio) {
        return shearCoefficientY(poissonRatio);
    }

    /** Both moments on the weak axis; its farthest fibre is the tip of a leg or the heel. */
    @Override
    public double bendingStress(double momentY, double momentZ) {
        double heel = centroid() * Math.sqrt(2);
        double tip = (leg + thickness) / Math.sqrt(2) - heel;
        return Math.hypot(momentY, momentZ) * Math.max(heel, tip) / secondMomentY();
    }

    @Override
    public double torsionStress(double torque) {
        return Math.abs(torque) * thickness / torsionConstant();
    }

    @Override
    public double halfSize(boolean upright) {
        return leg / 2;
    }

    @Override
    public double outerRadius() {
        double c = centroid();
        return Math.max(Math.hypot(leg - c, c), c * Math.sqrt(2));
    }

    @Override
    public String designation() {
        return "angle " + Section.mm(leg) + " x " + Section.mm(thickness);
    }
}
