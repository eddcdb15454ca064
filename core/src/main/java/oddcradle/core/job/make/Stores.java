package oddcradle.core.job.make;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * What lies on the shop's rack or is bought for it.
 *
 * @param bars empty for bars as they are commonly sold
 * @param plates empty for sheets as they are commonly sold
 */
@RecordBuilder
public record Stores(List<Bar> bars, List<PlateStock> plates) implements StoresBuilder.With {
    /** Whatever is in common supply. */
    public static final Stores USUAL = new Stores(List.of(), List.of());

    public Stores {
        bars = bars == null ? List.of() : List.copyOf(bars);
        plates = plates == null ? List.of() : List.copyOf(plates);
    }
}
