package oddcradle.core.frame;

/** Stable names of what this analysis may find. */
public final class FrameFinding {
    /** There is no member and no mount. */
    public static final String EMPTY = "load.empty";
    /** A part, or a group of parts, that nothing holds. */
    public static final String FLOATING = "load.floating";
    /** Held parts that can still move without strain. */
    public static final String MECHANISM = "load.mechanism";
    /** A body that hangs on springs too few to hold it. */
    public static final String LOOSE_BODY = "load.loose-body";

    private FrameFinding() {}
}
