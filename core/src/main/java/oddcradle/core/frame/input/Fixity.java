package oddcradle.core.frame.input;

/** Which motions a support holds, along and about the global axes. */
public record Fixity(boolean x, boolean y, boolean z, boolean rx, boolean ry, boolean rz) {
    public static final Fixity ALL = new Fixity(true, true, true, true, true, true);
    /** Held in place, free to turn. */
    public static final Fixity POSITION = new Fixity(true, true, true, false, false, false);

    /** Free every way. */
    public static final Fixity NONE = new Fixity(false, false, false, false, false, false);

    /** @param motion 0 to 2 along, 3 to 5 about the global axes */
    public boolean holds(int motion) {
        return switch (motion) {
            case 0 -> x;
            case 1 -> y;
            case 2 -> z;
            case 3 -> rx;
            case 4 -> ry;
            default -> rz;
        };
    }
}
