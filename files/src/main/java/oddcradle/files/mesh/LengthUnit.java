package oddcradle.files.mesh;

/** The unit of a mesh file, which none of the formats carries. */
public enum LengthUnit {
    MILLIMETRE("mm", 0.001),
    INCH("in", 0.0254),
    METRE("m", 1);

    private final String symbol;
    private final double metres;

    LengthUnit(String symbol, double metres) {
        this.symbol = symbol;
        this.metres = metres;
    }

    public String symbol() {
        return symbol;
    }

    public double metres() {
        return metres;
    }
}
