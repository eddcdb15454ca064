package oddcradle.core.joint;

/**
 * A strip of sheet with both edges turned over, as a channel with sharp corners, bent over its flat.
 *
 * <p>Area and second moment by Steiner's theorem over three rectangles, exact for sharp corners.
 *
 * @param width m
 * @param thickness m
 * @param fold height of the turned edges from the outside of the flat, m; no more than the thickness for none
 */
public record FoldedStrip(double width, double thickness, double fold) {
    private double lips() {
        return Math.max(0, fold - thickness);
    }

    /** m2 */
    public double area() {
        return width * thickness + 2 * lips() * thickness;
    }

    /** From the outside of the flat, m. */
    private double centroid() {
        double lip = lips();
        return (width * thickness * thickness / 2 + 2 * lip * thickness * (thickness + lip / 2)) / area();
    }

    /** About the neutral axis along the flat, m4. */
    public double secondMoment() {
        double c = centroid();
        double lip = lips();
        double flat = width * Math.pow(thickness, 3) / 12 + width * thickness * Math.pow(c - thickness / 2, 2);
        double edges = 2 * (thickness * Math.pow(lip, 3) / 12 + lip * thickness * Math.pow(thickness + lip / 2 - c, 2));
        return flat + edges;
    }

    /** Least of both sides, m3. */
    public double sectionModulus() {
        double c = centroid();
        return secondMoment() / Math.max(c, Math.max(fold, thickness) - c);
    }

    /** Thickness of a plain strip that is as stiff, m. */
    public double plainEquivalent() {
        return Math.cbrt(12 * secondMoment() / width);
    }
}
