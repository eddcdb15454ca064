package oddcradle.core.step.fit;

import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.seat.FitErrors;
import oddcradle.core.joint.BoltHole;
import oddcradle.core.math.Vec3;

/** How far a bolt lets its boss lie beside its hole. Holes and bolts by their diameters, by definition. */
public final class BoltPlay {
    /** A slot that runs along its bolt is none. */
    private static final double ENDWAYS = 1e-3;

    private BoltPlay() {}

    /** The hole in the mount: as the job has it, or the usual one of its bolt. */
    public static FitErrors.Hole hole(FitErrors errors, Boss boss) {
        return errors.hole(boss.id())
                .orElseGet(
                        () -> new FitErrors.Hole(boss.id(), BoltHole.medium(BoltHole.boltOf(boss.bore())), 0, Vec3.X));
    }

    /** From the middle of a slot to where a bolt in it lies nearest to its boss, m; zero for a round hole. */
    static Vec3 inSlot(FitErrors.Hole hole, Vec3 up, Vec3 off) {
        Vec3 way = hole.along().withoutPartAlong(up);
        if (hole.slot() == 0 || way.length() < ENDWAYS) {
            return Vec3.ZERO;
        }
        double half = hole.slot() / 2;
        return way.unit().times(Math.max(-half, Math.min(half, -off.dot(way.unit()))));
    }

    /** On the radius, in both holes, m; a threaded boss has none of its own. */
    public static double of(FitErrors errors, Boss boss) {
        double bolt = BoltHole.boltOf(boss.bore());
        boolean threaded = !boss.hole().thread().isBlank();
        double own = threaded ? 0 : (boss.bore() - bolt) / 2;
        return own + Math.max(0, (hole(errors, boss).diameter() - bolt) / 2);
    }
}
