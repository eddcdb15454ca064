package oddcradle.core.job.donor;

import io.soabase.recordbuilder.core.RecordBuilder;
import oddcradle.core.math.Guard;

/**
 * What a boss's hole is like and what lies behind it.
 *
 * @param thread designation such as M10x1.25 or 3/8-24; empty for a plain bore
 * @param depth usable, from the face, m; 0 where nobody has measured it
 * @param behind what a drill or a long bolt would meet, such as "water jacket"; empty for nothing
 * @param through whether the hole goes right through
 */
@RecordBuilder
public record BossHole(String thread, double depth, String behind, boolean through) implements BossHoleBuilder.With {
    private static final double DEEPEST = 10;

    /** Nobody has looked. */
    public static final BossHole UNKNOWN = new BossHole("", 0, "", false);

    public BossHole {
        Guard.present("thread", thread);
        Guard.within("depth", depth, 0, DEEPEST, "m");
        Guard.present("behind", behind);
    }

    public boolean isThreaded() {
        return !thread.isEmpty();
    }
}
