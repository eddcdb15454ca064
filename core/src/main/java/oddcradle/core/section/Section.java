package oddcradle.core.section;

import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.units.Shown;
import oddcradle.core.units.UnitStyle;

/**
 * A prismatic cross-section, uniform along its member. Lengths in metres.
 *
 * <p>Shear coefficients: Cowper, The shear coefficient in Timoshenko's beam theory, J. Applied Mechanics 33 (1966), table 1
 * (from memory).
 */
public sealed interface Section extends Shown permits Tube, RectTube, Round, Rect, Angle {

    /** Metal area, m2. */
    double area();

    /** Of a hollow section, m; 0 where it has none. */
    default double wall() {
        return 0;
    }

    /** Second moment of area for bending about local y, m4. */
    double secondMomentY();

    /** Second moment of area for bending about local z, m4. */
    double secondMomentZ();

    /** Saint-Venant torsion constant, m4. */
    double torsionConstant();

    /** Cowper's coefficient for shear along local y, dimensionless. */
    double shearCoefficientY(double poissonRatio);

    /** Cowper's coefficient for shear along local z, dimensionless. */
    double shearCoefficientZ(double poissonRatio);

    /** Largest bending stress, Pa, 0 or more, under moments about local y and z, N m. */
    double bendingStress(double momentY, double momentZ);

    /** Largest shear stress under torsion, Pa, 0 or more; torque in N m. */
    double torsionStress(double torque);

    /** From its middle to its surface, upright or level as it lies, m. */
    double halfSize(boolean upright);

    /** Radius of the smallest round bar that holds the section, m: its envelope in clearance. */
    double outerRadius();

    /**
     * The same section with another wall, m.
     *
     * @throws InvalidValue if it is solid, or the wall leaves no hole
     */
    default Section withWall(double wall) {
        throw new InvalidValue("wall", "is " + wall + " m of a solid bar, which has none; leave the condition out");
    }

    /** How a cut list names it, in millimetres: {@code tube 31.8 x 2.4}. */
    String designation();

    /** Its name in the reader's units: {@code tube 31.8 x 2.4}, {@code tube 1.25 x 0.095 in}. */
    @Override
    default String in(UnitStyle style) {
        return style.name(designation());
    }

    private static InvalidValue tooThick(double wall, double most, String what) {
        return new InvalidValue(
                "wall",
                "is " + wall + " m, must be less than " + what + ", " + most + " m; check for diameter typed as wall");
    }

    /** @throws InvalidValue if the wall leaves no hole */
    static void requireHollow(double wall, double halfSize, String what) {
        Guard.positive("wall", wall, "m");
        if (wall >= halfSize) {
            throw tooThick(wall, halfSize, what);
        }
    }

    /** Millimetres with at most two decimals, for names. */
    static String mm(double metres) {
        double hundredths = Math.round(metres * 1e5) / 100.0;
        return hundredths == Math.rint(hundredths)
                ? Long.toString(Math.round(hundredths))
                : Double.toString(hundredths);
    }
}
