package oddcradle.core.fatigue;

/**
 * What a welded place of a frame bears again and again. Steel by EN 1993-1-9, tables 8.4 and 8.7, light alloy by EN 1999-1-3 (all from
 * memory), with the strength factor of a place that is hard to look at and must not fail. The slope is that of a fillet's toe: bending
 * of the whole frame is in the ranges, which the lattice tables leave to their own slope.
 *
 * @param words what it is taken as
 */
public record WeldDetail(String words, DetailCurve curve) {
    /** Safe life, high consequence; EN 1993-1-9, table 3.1. */
    public static final double STRENGTH_FACTOR = 1.35;

    private static final double ATTACHMENT = 71e6;
    private static final double ALLOY_ATTACHMENT = 28e6;
    private static final double THIN_CHORD = 45e6;
    private static final double THICK_CHORD = 90e6;
    private static final double ALLOY_HIGH = 3.4;
    private static final double ALLOY_LOW = 5.4;

    /** A tab or another tube welded onto a tube that runs on. */
    public static WeldDetail attachment(boolean lightAlloy) {
        return new WeldDetail(
                lightAlloy ? "attachment on light alloy, category 28" : "attachment, category 71",
                lightAlloy
                        ? new DetailCurve(ALLOY_ATTACHMENT, ALLOY_HIGH, ALLOY_LOW, STRENGTH_FACTOR)
                        : DetailCurve.steel(ATTACHMENT, STRENGTH_FACTOR));
    }

    /**
     * A tube that ends on another.
     *
     * @param chordWall m
     * @param braceWall m
     */
    public static WeldDetail tubeOnTube(boolean lightAlloy, double chordWall, double braceWall) {
        if (lightAlloy) {
            return attachment(true);
        }
        double stouter = Math.min(2, Math.max(1, chordWall / braceWall));
        double category = THIN_CHORD + (THICK_CHORD - THIN_CHORD) * (stouter - 1);
        return new WeldDetail(
                "tube on tube, category " + Math.round(category / 1e6), DetailCurve.steel(category, STRENGTH_FACTOR));
    }
}
