package oddcradle.core.fitup;

import java.util.List;
import oddcradle.core.job.fit.AsBuilt;
import oddcradle.core.job.fit.CutAway;
import oddcradle.core.job.fit.Fitting;

/**
 * How many times the engine went in, how long that took, and what it cost in metal. Sums, by definition.
 *
 * @param in times it went in
 * @param out times it came out
 * @param time of all of them, s
 * @param cut length of all pieces cut away, m
 */
public record FitLog(long in, long out, double time, double cut) {
    /** Times in and out that builders tell of who fit by hand; common practice. */
    public static final int BY_HAND = 40;

    public static FitLog of(AsBuilt built) {
        List<Fitting> fittings = built.fittings();
        return new FitLog(
                fittings.stream().filter(each -> each.way() == Fitting.Way.IN).count(),
                fittings.stream().filter(each -> each.way() == Fitting.Way.OUT).count(),
                fittings.stream().mapToDouble(Fitting::time).sum(),
                built.cutAway().stream().mapToDouble(CutAway::length).sum());
    }
}
