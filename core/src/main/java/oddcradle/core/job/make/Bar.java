package oddcradle.core.job.make;

import io.soabase.recordbuilder.core.RecordBuilder;
import oddcradle.core.job.body.Sizes;
import oddcradle.core.math.Guard;
import oddcradle.core.section.Section;

/**
 * Straight stock as it lies on the rack or is sold.
 *
 * @param mark written on it, or what it is asked for by
 * @param section of it
 * @param material name of one of the job's materials; empty for any
 * @param length m
 * @param count how many there are; 0 for as many as are bought
 * @param price of each, in the shop's money; 0 for an off-cut that is paid already
 */
@RecordBuilder
public record Bar(String mark, Section section, String material, double length, int count, double price)
        implements BarBuilder.With {
    private static final double LONGEST = 20;
    private static final double MOST_PRICE = 1e6;

    public Bar {
        Guard.named("mark", mark);
        Sizes.requireSection(Guard.present("section", section));
        material = material == null ? "" : material;
        Guard.within("length", length, 0.01, LONGEST, "m");
        Guard.within("count", count, 0, 1_000, "bars");
        Guard.within("price", price, 0, MOST_PRICE, "");
    }
}
