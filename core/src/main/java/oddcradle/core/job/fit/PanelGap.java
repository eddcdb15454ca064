package oddcradle.core.job.fit;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import oddcradle.core.math.Guard;

/**
 * The gap at a panel, door or cowling as it came from the factory, before anything of the new engine is blamed for it.
 *
 * @param label where, such as "hood, left front"
 * @param before before the engine went in, m; negative where it stood proud or overlapped
 * @param now with the engine in, m; empty where nobody looked yet
 * @param date day the first was read; may be empty
 */
@RecordBuilder
public record PanelGap(String id, String label, double before, Optional<Double> now, String date)
        implements PanelGapBuilder.With {
    private static final double MOST = 0.5;

    public PanelGap {
        Guard.named("id", id);
        Guard.named("label", label);
        Guard.within("before", before, -MOST, MOST, "m");
        now = now == null ? Optional.empty() : now;
        now.ifPresent(gap -> Guard.within("now", gap, -MOST, MOST, "m"));
        date = Dates.checked("date", date);
    }
}
