package oddcradle.core.job.book;

import io.soabase.recordbuilder.core.RecordBuilder;
import oddcradle.core.job.fit.Dates;
import oddcradle.core.job.make.Part;
import oddcradle.core.math.Guard;

/**
 * Something bought beside the hardware of the mounts.
 *
 * @param count how many
 * @param price of each, in the shop's money; 0 where nobody knows
 * @param supplier in the shop's own words
 * @param due day it is expected; empty where nobody said
 * @param shown whether the customer's page lists it
 */
@RecordBuilder
public record Purchase(
        String id, String label, int count, double price, Part.State state, String supplier, String due, boolean shown)
        implements PurchaseBuilder.With {
    private static final double MOST_PRICE = 1e6;

    public Purchase {
        Guard.named("id", id);
        Guard.named("label", label);
        Guard.within("count", count, 1, 10_000, "");
        Guard.within("price", price, 0, MOST_PRICE, "");
        Guard.present("state", state);
        supplier = supplier == null ? "" : supplier;
        due = Dates.checked("due", due);
    }

    /** In the shop's money. */
    public double cost() {
        return count * price;
    }

    /** Whether work can use it. */
    public boolean arrived() {
        return state == Part.State.HERE || state == Part.State.TEMPORARY || state == Part.State.FINAL;
    }

    /** Whether money has gone for it. */
    public boolean ordered() {
        return state != Part.State.TO_BUY;
    }
}
