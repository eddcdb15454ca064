package oddcradle.core.around;

import oddcradle.core.math.Vec3;

/**
 * A rod between a hand's lever and one on the engine.
 *
 * @param length m
 * @param reversed whether the engine's lever would be moved the wrong way
 * @param effect share of the rod's movement that turns the lever: the cosine of the angle between both
 * @param lean between the hand's movement and the rod, rad
 * @param joints ball joints or bell cranks that it takes: two for its ends where it leans, one more to reverse it
 */
public record Rod(double length, boolean reversed, double effect, double lean, int joints) {
    /** A plain clevis bears that much; common practice. */
    private static final double CLEVIS = Math.toRadians(5);

    /**
     * @param end of the engine's lever that the rod holds
     * @param engages direction in which that end moves to engage
     * @param hand end of the rod at the hand's lever
     * @param pull direction in which that end moves to engage
     */
    public static Rod between(Vec3 end, Vec3 engages, Vec3 hand, Vec3 pull) {
        Vec3 along = end.minus(hand).unit();
        double given = pull.unit().dot(along);
        double taken = engages.unit().dot(along);
        boolean reversed = given * taken < 0;
        double lean = Math.acos(Math.min(1, Math.abs(given)));
        double across = Math.acos(Math.min(1, Math.abs(taken)));
        int ends = lean > CLEVIS || across > CLEVIS ? 2 : 0;
        return new Rod(end.distanceTo(hand), reversed, Math.abs(taken), lean, ends + (reversed ? 1 : 0));
    }
}
