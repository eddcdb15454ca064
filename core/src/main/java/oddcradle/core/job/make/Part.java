package oddcradle.core.job.make;

import io.soabase.recordbuilder.core.RecordBuilder;
import oddcradle.core.math.Guard;

/**
 * What a shop has noted of a thing that it buys.
 *
 * @param item by which it is told from others: kind, designation and sizes
 * @param state where it is
 * @param supplier in the shop's own words; may be empty
 * @param price of each, in the shop's money; 0 where nobody knows
 */
@RecordBuilder
public record Part(String item, State state, String supplier, double price) implements PartBuilder.With {
    private static final double MOST_PRICE = 1e6;

    /** Where a bought thing is. */
    public enum State {
        TO_BUY("to buy"),
        ORDERED("ordered"),
        HERE("here"),
        TEMPORARY("in place, to be replaced"),
        FINAL("in place for good");

        private final String word;

        State(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    public Part {
        Guard.named("item", item);
        Guard.present("state", state);
        supplier = supplier == null ? "" : supplier;
        Guard.within("price", price, 0, MOST_PRICE, "");
    }
}
