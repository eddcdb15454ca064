package oddcradle.core.survey;

/** A point that some direction does not fix, and the offset that would. */
public record MissingReading(String point, DatumPlane plane) {}
