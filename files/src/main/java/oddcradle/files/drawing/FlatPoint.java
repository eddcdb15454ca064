package oddcradle.files.drawing;

/** A point of a drawn view, m, x to the right and y up. */
public record FlatPoint(double x, double y) {}
