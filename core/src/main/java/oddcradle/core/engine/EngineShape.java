package oddcradle.core.engine;

import oddcradle.core.math.Guard;

/**
 * An engine by the dozen dimensions a tape gives. Lengths in metres, angles in radians.
 *
 * @param caseAhead from the crank to the front of the case
 * @param caseBehind from the crank to its rear, gearbox included
 * @param caseWidth along the crank, covers not counted
 * @param caseAbove from the crank to the top of the case
 * @param caseBelow from the crank to its underside
 * @param cylinderReach from the crank to the top of the head, along the cylinder
 * @param boreSpacing between neighbouring cylinders of one bank
 * @param cylinderWidth over the fins or the water jacket
 * @param headLength of the head across the crank
 * @param lean of the cylinders forward from upright; of the middle between the banks where there are two
 * @param bank angle between two banks; 0 for one
 * @param coverReach how far the clutch and generator covers stand out on each side
 * @param fourStroke whether there is a sump with a filter under the case
 */
public record EngineShape(
        EngineLayout layout,
        boolean fourStroke,
        double caseAhead,
        double caseBehind,
        double caseWidth,
        double caseAbove,
        double caseBelow,
        double cylinderReach,
        double boreSpacing,
        double cylinderWidth,
        double headLength,
        double lean,
        double bank,
        double coverReach) {
    private static final double LARGEST = 2;
    /** With room for a file that rounds pi. */
    private static final double HALF_TURN = 3.1416;

    public EngineShape {
        Guard.present("layout", layout);
        size("caseAhead", caseAhead);
        size("caseBehind", caseBehind);
        size("caseWidth", caseWidth);
        size("caseAbove", caseAbove);
        size("caseBelow", caseBelow);
        size("cylinderReach", cylinderReach);
        Guard.within("boreSpacing", boreSpacing, 0, LARGEST, "m");
        size("cylinderWidth", cylinderWidth);
        size("headLength", headLength);
        Guard.within("lean", lean, -HALF_TURN, HALF_TURN, "rad");
        Guard.within("bank", bank, 0, HALF_TURN, "rad");
        Guard.within("coverReach", coverReach, 0, LARGEST, "m");
    }

    private static void size(String field, double value) {
        Guard.positive(field, value, "m");
        Guard.within(field, value, 0, LARGEST, "m");
    }
}
