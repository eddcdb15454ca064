package oddcradle.core.practice;

/** Of a scale or a display. */
final class Marks {
    private Marks() {}

    /** As it is read off, in the unit of both. */
    static double read(double value, double step) {
        return Math.rint(value / step) * step;
    }
}
