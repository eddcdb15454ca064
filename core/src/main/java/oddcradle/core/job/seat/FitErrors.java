package oddcradle.core.job.seat;

import java.util.List;
import java.util.Optional;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;

/**
 * How true the shop cuts, drills and welds: one standard deviation each, m.
 *
 * @param cut length of a tube with its copes
 * @param drill place of a hole
 * @param pull what welding draws a joint out of place
 * @param holes that are larger than usual, or slots
 * @param madeTo what the mounts are made to; the drawing where left out
 */
public record FitErrors(double cut, double drill, double pull, List<Hole> holes, MadeTo madeTo) {
    private static final double MOST = 0.05;

    /** A band saw and a grinder, a punched and stepped hole, a tacked and clamped joint; common practice. */
    public static final FitErrors USUAL = new FitErrors(0.0005, 0.0003, 0.0007, List.of(), MadeTo.DRAWING);

    public FitErrors {
        Guard.within("cut", cut, 0, MOST, "m");
        Guard.within("drill", drill, 0, MOST, "m");
        Guard.within("pull", pull, 0, MOST, "m");
        holes = holes == null ? List.of() : List.copyOf(holes);
        madeTo = madeTo == null ? MadeTo.DRAWING : madeTo;
    }

    /**
     * The hole in the mount at one boss.
     *
     * @param diameter m
     * @param slot how much longer than wide, m; 0 for a round hole
     * @param along direction of the slot, host axes
     */
    public record Hole(String boss, double diameter, double slot, Vec3 along) {
        public Hole {
            Guard.named("boss", boss);
            Guard.size("diameter", diameter);
            Guard.within("slot", slot, 0, 1, "m");
            along = along == null ? Vec3.X : along;
            along.unit();
        }
    }

    public Optional<Hole> hole(String boss) {
        return holes.stream().filter(each -> each.boss().equals(boss)).findFirst();
    }

    public FitErrors with(double newCut, double newDrill, double newPull) {
        return new FitErrors(newCut, newDrill, newPull, holes, madeTo);
    }

    public FitErrors withHoles(List<Hole> others) {
        return new FitErrors(cut, drill, pull, others, madeTo);
    }

    public FitErrors withMadeTo(MadeTo other) {
        return new FitErrors(cut, drill, pull, holes, other);
    }
}
