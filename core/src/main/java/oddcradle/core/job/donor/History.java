package oddcradle.core.job.donor;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import oddcradle.core.math.Guard;

/**
 * Where the donor comes from and what was looked at.
 *
 * @param wholeMachine whether it was bought running in its machine, so that it could be heard and its small parts are there
 * @param hours it has run; 0 where nobody knows
 * @param price paid or asked, in the shop's currency; 0 where unknown
 * @param partsPrice of what must be bought to fit it
 * @param checks what was looked at, and what was found
 */
@RecordBuilder
public record History(boolean wholeMachine, double hours, double price, double partsPrice, List<Check> checks)
        implements HistoryBuilder.With {
    public static final History UNKNOWN = new History(false, 0, 0, 0, List.of());

    public History {
        Guard.notNegative("hours", hours, "h");
        Guard.notNegative("price", price, "");
        Guard.notNegative("partsPrice", partsPrice, "");
        checks = List.copyOf(Guard.present("checks", checks));
    }

    /** How one thing was found. */
    public enum Found {
        GOOD,
        FAULT,
        UNKNOWN
    }

    /** One thing to look at. */
    public record Check(String what, Found found, String note) {
        public Check {
            Guard.named("what", what);
            Guard.present("found", found);
            Guard.present("note", note);
        }
    }

    /** What experienced builders look at before an engine goes in; common practice. */
    public static final List<String> USUAL = List.of(
            "compression even",
            "runs, no smoke or knocking",
            "output shaft straight, splines and sprocket sound",
            "clutch and shift shaft, cover off",
            "oil without metal or water",
            "mount lugs without cracks or repairs");
}
