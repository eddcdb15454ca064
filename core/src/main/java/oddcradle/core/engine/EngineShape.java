package oddcradle.core.engine;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.function.ToDoubleFunction;
import oddcradle.core.math.Guard;
import oddcradle.core.units.Kind;

/**
 * An engine by the dozen dimensions a tape gives. Lengths in metres, angles in radians.
 *
 * <p>Usual sizes by displacement are common practice.
 *
 * @param caseAhead from the crank to the front of the case, m
 * @param caseBehind from the crank to its rear, gearbox included, m
 * @param caseWidth along the crank, covers not counted, m
 * @param caseAbove from the crank to the top of the case, m
 * @param caseBelow from the crank to its underside, m
 * @param cylinderReach from the crank to the top of the head, along the cylinder, m
 * @param boreSpacing between neighbouring cylinders of one bank, m
 * @param cylinderWidth over the fins or the water jacket, m
 * @param headLength of the head across the crank, m
 * @param lean of the cylinders forward from upright; of the middle between the banks where there are two, rad
 * @param bank angle between two banks; 0 for one, rad
 * @param coverReach how far the clutch and generator covers stand out on each side, m
 * @param fourStroke whether there is a sump with a filter under the case
 */
@RecordBuilder
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
        double coverReach)
        implements EngineShapeBuilder.With {
    /** A single of some 400 cc with its gearbox; common practice. */
    public static final EngineShape USUAL =
            new EngineShape(EngineLayout.SINGLE, true, 0.14, 0.26, 0.18, 0.11, 0.12, 0.38, 0.1, 0.12, 0.16, 0, 0, 0.05);

    /** One of the lengths and angles, by the words a builder measures it under. */
    public enum Dimension {
        CASE_AHEAD("case ahead of crank", Kind.LENGTH, EngineShape::caseAhead),
        CASE_BEHIND("case behind crank", Kind.LENGTH, EngineShape::caseBehind),
        CASE_WIDTH("case along crank", Kind.LENGTH, EngineShape::caseWidth),
        CASE_ABOVE("case above crank", Kind.LENGTH, EngineShape::caseAbove),
        CASE_BELOW("case below crank", Kind.LENGTH, EngineShape::caseBelow),
        CYLINDER_REACH("crank to head top", Kind.LENGTH, EngineShape::cylinderReach),
        BORE_SPACING("bore spacing", Kind.LENGTH, EngineShape::boreSpacing),
        CYLINDER_WIDTH("cylinder over fins", Kind.LENGTH, EngineShape::cylinderWidth),
        HEAD_LENGTH("head length", Kind.LENGTH, EngineShape::headLength),
        LEAN("cylinders lean", Kind.ANGLE, EngineShape::lean),
        BANK("between banks", Kind.ANGLE, EngineShape::bank),
        COVER_REACH("covers stand out", Kind.LENGTH, EngineShape::coverReach);

        private final String words;
        private final Kind kind;
        private final ToDoubleFunction<EngineShape> value;

        Dimension(String words, Kind kind, ToDoubleFunction<EngineShape> value) {
            this.words = words;
            this.kind = kind;
            this.value = value;
        }

        public String words() {
            return words;
        }

        public Kind kind() {
            return kind;
        }

        /** m; rad for an angle. */
        public double of(EngineShape shape) {
            return value.applyAsDouble(shape);
        }

        private double or(Dimension changed, double value, EngineShape shape) {
            return this == changed ? value : of(shape);
        }
    }

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

    /** The same engine with one dimension measured otherwise: m, rad for an angle. */
    public EngineShape with(Dimension changed, double value) {
        return new EngineShape(
                layout,
                fourStroke,
                Dimension.CASE_AHEAD.or(changed, value, this),
                Dimension.CASE_BEHIND.or(changed, value, this),
                Dimension.CASE_WIDTH.or(changed, value, this),
                Dimension.CASE_ABOVE.or(changed, value, this),
                Dimension.CASE_BELOW.or(changed, value, this),
                Dimension.CYLINDER_REACH.or(changed, value, this),
                Dimension.BORE_SPACING.or(changed, value, this),
                Dimension.CYLINDER_WIDTH.or(changed, value, this),
                Dimension.HEAD_LENGTH.or(changed, value, this),
                Dimension.LEAN.or(changed, value, this),
                Dimension.BANK.or(changed, value, this),
                Dimension.COVER_REACH.or(changed, value, this));
    }

    /** The same dimensions of another layout, its banks at their usual angle. */
    public EngineShape withLayout(EngineLayout other) {
        return new EngineShape(
                other,
                fourStroke,
                caseAhead,
                caseBehind,
                caseWidth,
                caseAbove,
                caseBelow,
                cylinderReach,
                boreSpacing,
                cylinderWidth,
                headLength,
                lean,
                other.usualBank(),
                coverReach);
    }

    private static void size(String field, double value) {
        Guard.positive(field, value, "m");
        Guard.within(field, value, 0, LARGEST, "m");
    }
}
