package oddcradle.core.engine;

/**
 * How the cylinders stand.
 *
 * <p>Bank angles that are usual for a layout are common practice.
 */
public enum EngineLayout {
    SINGLE("single", 1, 0),
    PARALLEL_TWIN("parallel twin", 2, 0),
    V_TWIN("V-twin", 2, 90),
    INLINE_THREE("in-line three", 3, 0),
    INLINE_FOUR("in-line four", 4, 0),
    FLAT_TWIN("flat twin", 2, 180),
    FLAT_FOUR("flat four", 4, 180),
    UTILITY_UPRIGHT_CRANK("utility engine, upright crank", 1, 0),
    UTILITY_LEVEL_CRANK("utility engine, level crank", 1, 0);

    private final String words;
    private final int cylinders;
    private final double usualBank;

    EngineLayout(String words, int cylinders, double usualBankDegrees) {
        this.words = words;
        this.cylinders = cylinders;
        this.usualBank = Math.toRadians(usualBankDegrees);
    }

    public String words() {
        return words;
    }

    public int cylinders() {
        return cylinders;
    }

    /** Angle between the banks that is usual, rad. */
    public double usualBank() {
        return usualBank;
    }

    public boolean isUtility() {
        return this == UTILITY_UPRIGHT_CRANK || this == UTILITY_LEVEL_CRANK;
    }
}
