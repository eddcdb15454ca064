package oddcradle.core.job.load;

/** What a load case is held against. Never two factors on one case: each has its own. */
public enum Level {
    /** What comes now and then: yield strength over the shop's own factor. */
    WORKING("working"),
    /** The most that is ever to come, by a rule set: yield strength as it is, and 1.5 times the load against ultimate strength. */
    LIMIT("limit"),
    /** What is survived once, bent or not: ultimate strength as it is. */
    ULTIMATE("ultimate");

    /** Ultimate over limit load; 14 CFR 23.303 before amendment 64, from memory. */
    public static final double ULTIMATE_OVER_LIMIT = 1.5;

    /** What a weld bears at last over what codes allow it to work at: 0.6 against 0.3 of its electrode; AWS D1.1, from memory. */
    private static final double WELD_AT_LAST = 2;

    /**
     * A mount is given room for this share of a limit load; beyond it the sleeve meets its hole and the donor goes no farther. Limit
     * loads come once in a life and half of them seldom: common practice.
     */
    private static final double ROOM_FOR_LIMIT = 0.5;

    private static final double ON_COLUMNS = 1.67;

    private final String word;

    Level(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }

    /**
     * What is kept from yielding, a ratio to yield strength: less than 1 where bending is no matter and only breaking is.
     *
     * @param shop the shop's own factor on yield
     * @param ultimateOverYield strength over yield strength of the metal, 1 where nobody knows more
     */
    public double onYield(double shop, double ultimateOverYield) {
        return switch (this) {
            case WORKING -> shop;
            case LIMIT -> Math.max(1, ULTIMATE_OVER_LIMIT / ultimateOverYield);
            case ULTIMATE -> 1 / ultimateOverYield;
        };
    }

    /** What is kept from buckling, a ratio: AISC's 1.67 at work (from memory), and a limit load 1.5 times over. */
    public double onBuckling(double shop) {
        return switch (this) {
            case WORKING -> Math.max(shop, ON_COLUMNS);
            case LIMIT -> ULTIMATE_OVER_LIMIT;
            case ULTIMATE -> 1;
        };
    }

    /** How much of a working load it counts as at a weld that is held to what codes allow. */
    public double onWeld() {
        return switch (this) {
            case WORKING -> 1;
            case LIMIT -> ULTIMATE_OVER_LIMIT / WELD_AT_LAST;
            case ULTIMATE -> 1 / WELD_AT_LAST;
        };
    }

    /**
     * How much of what it would move the rubber by it moves anything that is judged by; nothing where only survival counts.
     *
     * @param caught whether metal ends the way of every soft mount
     */
    public double moves(boolean caught) {
        return switch (this) {
            case WORKING -> 1;
            case LIMIT -> caught ? ROOM_FOR_LIMIT : 1;
            case ULTIMATE -> 0;
        };
    }

    /** In words, against what it is held. */
    public String against(double shop, double ultimateOverYield) {
        return switch (this) {
            case WORKING -> "yield / " + shop;
            case LIMIT ->
                ULTIMATE_OVER_LIMIT / ultimateOverYield > 1 ? "ultimate strength / " + ULTIMATE_OVER_LIMIT : "yield";
            case ULTIMATE -> ultimateOverYield == 1 ? "yield, for want of its ultimate strength" : "ultimate strength";
        };
    }
}
