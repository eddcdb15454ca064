package oddcradle.core.begin;

import java.util.List;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.geometry.Aabb;
import oddcradle.core.job.host.Host;
import oddcradle.core.job.line.Line;

/**
 * A machine as its measures make it.
 *
 * @param bay where the engine is to go, host axes, m
 * @param line its datum, first drive and what is driven
 * @param dimensions where each measure is taken
 */
public record PlannedMachine(Host host, Aabb bay, Line line, List<Dimension> dimensions) {
    public PlannedMachine {
        dimensions = List.copyOf(dimensions);
    }

    /** What the line ends at. */
    public LineEnd end() {
        return line.end().orElseThrow();
    }
}
