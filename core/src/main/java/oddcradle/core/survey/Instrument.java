package oddcradle.core.survey;

/**
 * What a reading is taken with, and how well a careful hand reads it on raw castings and tubes: one standard deviation,
 * common practice, to be replaced where the user knows better.
 */
public enum Instrument {
    TAPE("tape", 0.0010, Math.toRadians(1.0), 0.001),
    STEEL_RULE("steel rule", 0.0004, Math.toRadians(1.0), 0.0005),
    CALIPER("caliper", 0.0001, Math.toRadians(0.5), 0.00001),
    HEIGHT_GAUGE("height gauge", 0.0001, Math.toRadians(0.5), 0.00001),
    ANGLE_GAUGE("angle gauge", 0.0010, Math.toRadians(0.15), 0.001),
    LASER_LINE("laser line", 0.0010, Math.toRadians(0.2), 0.001),
    SCAN("scan", 0.0005, Math.toRadians(0.3), 0.0001);

    private static final double ANGLE_GAUGE_STEP = Math.toRadians(0.1);

    private final String word;
    private final double lengthSigma;
    private final double angleSigma;
    private final double step;

    Instrument(String word, double lengthSigma, double angleSigma, double step) {
        this.word = word;
        this.lengthSigma = lengthSigma;
        this.angleSigma = angleSigma;
        this.step = step;
    }

    public String word() {
        return word;
    }

    /** Usual standard uncertainty of a length, m. */
    public double lengthSigma() {
        return lengthSigma;
    }

    /** Usual standard uncertainty of an angle, rad. */
    public double angleSigma() {
        return angleSigma;
    }

    /** Smallest step of its scale or display, m. */
    public double step() {
        return step;
    }

    /** Smallest step of an angle read with it, rad. */
    public double angleStep() {
        return this == ANGLE_GAUGE ? ANGLE_GAUGE_STEP : angleSigma;
    }
}
