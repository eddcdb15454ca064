package oddcradle.core.job.make;

import io.soabase.recordbuilder.core.RecordBuilder;
import oddcradle.core.math.Guard;

/**
 * A piece of plate as it lies on the rack or is sold.
 *
 * @param mark written on it, or what it is asked for by
 * @param thickness m
 * @param length m
 * @param width m
 * @param count how many there are; 0 for as many as are bought
 * @param price of each, in the shop's money; 0 for an off-cut that is paid already
 */
@RecordBuilder
public record PlateStock(String mark, double thickness, double length, double width, int count, double price)
        implements PlateStockBuilder.With {
    private static final double LARGEST = 6;
    private static final double MOST_PRICE = 1e6;

    public PlateStock {
        Guard.named("mark", mark);
        Guard.size("thickness", thickness);
        Guard.within("length", length, 0.01, LARGEST, "m");
        Guard.within("width", width, 0.01, LARGEST, "m");
        Guard.within("count", count, 0, 1_000, "sheets");
        Guard.within("price", price, 0, MOST_PRICE, "");
    }
}
