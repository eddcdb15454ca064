package oddcradle.core.job.book;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import oddcradle.core.math.Guard;

/**
 * A whole donor against a bare engine, in the shop's money.
 *
 * @param whole price of the running machine; 0 where there is none
 * @param bare price of a bare engine
 * @param missing what a bare engine lacks: loom, fasteners, carburettors
 * @param sells what is sold off the whole one
 */
@RecordBuilder
public record DonorDeal(double whole, double bare, double missing, List<Sale> sells) implements DonorDealBuilder.With {
    private static final double MOST = 1e7;
    private static final int MOST_SALES = 200;

    public static final DonorDeal NONE = new DonorDeal(0, 0, 0, List.of());

    /** @param sold whether it has gone; else hoped for */
    @RecordBuilder
    public record Sale(String label, double price, boolean sold) implements DonorDealSaleBuilder.With {
        public Sale {
            Guard.named("label", label);
            Guard.within("price", price, 0, MOST, "");
        }
    }

    public DonorDeal {
        Guard.within("whole", whole, 0, MOST, "");
        Guard.within("bare", bare, 0, MOST, "");
        Guard.within("missing", missing, 0, MOST, "");
        sells = sells == null ? List.of() : List.copyOf(sells);
        Guard.within("sells", sells.size(), 0, MOST_SALES, "parts");
    }

    /** What the whole one costs when the rest is sold. */
    public double wholeLess() {
        return whole - sells.stream().mapToDouble(Sale::price).sum();
    }

    /** What the bare one costs when what it lacks is bought. */
    public double bareMore() {
        return bare + missing;
    }
}
