package oddcradle.core.job.load;

import io.soabase.recordbuilder.core.RecordBuilder;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;

/**
 * Loads that act together.
 *
 * <p>What is left out of a file is as in {@link #of}.
 *
 * @param field what pulls on every mass, in g, host axes; standing still is (0, 0, -1)
 * @param drive share of the most that the drive puts through, negative when the wheels drive the engine; more than 1 where a rule
 *     set asks for it
 * @param turning of the whole machine, rad/s, host axes: what spins answers with a gyroscopic couple
 * @param shock what comes at once besides
 * @param level what it is held against
 * @param off whether the user has switched it off
 * @param set id of the rule set it was taken from; empty for the user's own
 * @param source of its figures, in words; empty where nobody wrote it down
 */
@RecordBuilder
public record LoadCase(
        String id,
        String label,
        Vec3 field,
        double drive,
        Vec3 turning,
        Shock shock,
        Level level,
        Boolean off,
        String set,
        String source)
        implements LoadCaseBuilder.With {
    private static final double MOST_G = 50;
    private static final double MOST_DRIVE = 8;
    private static final double MOST_TURNING = 20;

    public LoadCase {
        Guard.named("id", id);
        Guard.named("label", label);
        Guard.present("field", field);
        Guard.within("field", field.length(), 0, MOST_G, "g");
        Guard.within("chainPull", drive, -MOST_DRIVE, MOST_DRIVE, "");
        turning = turning == null ? Vec3.ZERO : turning;
        Guard.within("turning", turning.length(), 0, MOST_TURNING, "rad/s");
        shock = shock == null ? Shock.NONE : shock;
        level = level == null ? Level.WORKING : level;
        off = off != null && off;
        set = set == null ? "" : set;
        source = source == null ? "" : source;
    }

    /** The user's own, on, held against yield over the shop's factor. */
    public static LoadCase of(String id, String label, Vec3 field, double drive) {
        return new LoadCase(id, label, field, drive, Vec3.ZERO, Shock.NONE, Level.WORKING, false, "", "");
    }

    /** Whether the machine works under it, steadily. */
    public boolean runs() {
        return drive != 0 && shock == Shock.NONE && level != Level.ULTIMATE;
    }

    /** Whether the machine is as it was when it is over. */
    public boolean staysWhole() {
        return level != Level.ULTIMATE;
    }
}
