package oddcradle.core.weigh;

/** Mass over outer volume of the usual parts, hollows included, kg/m3; common practice, good to a third. */
public enum DensityClass {
    STEEL("solid steel", 7850),
    ALUMINIUM("solid aluminium", 2700),
    CRANKCASE("crankcase with shafts and gears", 2600),
    CYLINDER("cylinder and head", 2000),
    IRON_BLOCK("iron block", 3600),
    COVER("thin cover", 1100),
    PIPE("exhaust pipe", 900),
    SILENCER("silencer", 600),
    PLASTIC("plastic box", 250),
    LIQUID("tank or radiator, full", 950);

    private final String words;
    private final double density;

    DensityClass(String words, double density) {
        this.words = words;
        this.density = density;
    }

    public String words() {
        return words;
    }

    /** kg/m3. */
    public double density() {
        return density;
    }
}
