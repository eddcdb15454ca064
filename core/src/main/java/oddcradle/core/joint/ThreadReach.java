package oddcradle.core.joint;

/**
 * A bolt in a blind tapped hole.
 *
 * @param engaged turns of thread that hold, as a length, m
 * @param needed for the metal, m
 * @param left between the bolt's end and the bottom of the hole, m; negative where it bottoms
 */
public record ThreadReach(double engaged, double needed, double left) {
    /** Of the diameter in cast metal; common practice. */
    public static final double IN_CASTING = 1.5;

    /**
     * @param stickOut of the bolt beyond what it clamps, m
     * @param depth of usable thread, m
     * @param diameters needed, of the bolt's diameter
     */
    public static ThreadReach of(double stickOut, double depth, double diameter, double diameters) {
        return new ThreadReach(Math.max(0, Math.min(stickOut, depth)), diameters * diameter, depth - stickOut);
    }

    public boolean holds() {
        return engaged >= needed - 1e-9;
    }

    public boolean bottoms() {
        return left < 0;
    }
}
