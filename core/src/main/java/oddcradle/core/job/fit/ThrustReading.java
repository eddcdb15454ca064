package oddcradle.core.job.fit;

import io.soabase.recordbuilder.core.RecordBuilder;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;

/**
 * Where the propeller shaft points, by one blade that is turned to both sides and by a level on its hub. Because it is the same tip both times, a blade
 * out of track or too long does no harm.
 *
 * @param radius from the middle of the shaft to the tip that is measured from, m
 * @param mark something far behind, such as the rudder post, host axes, m
 * @param left from the tip, turned to the machine's left, to the mark, m
 * @param right turned to its right, m
 * @param level of the hub's face from plumb, the machine level, rad; positive where the shaft points down
 * @param date day it was read; may be empty
 */
@RecordBuilder
public record ThrustReading(String id, double radius, Vec3 mark, double left, double right, double level, String date)
        implements ThrustReadingBuilder.With {
    private static final double FARTHEST = 50;

    public ThrustReading {
        Guard.named("id", id);
        Guard.within("radius", radius, 0.05, 5, "m");
        Guard.present("mark", mark);
        Guard.within("left", left, 0.1, FARTHEST, "m");
        Guard.within("right", right, 0.1, FARTHEST, "m");
        Guard.within("level", level, -ShaftReading.LEANS, ShaftReading.LEANS, "rad");
        date = Dates.checked("date", date);
    }
}
