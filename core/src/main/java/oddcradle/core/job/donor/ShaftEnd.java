package oddcradle.core.job.donor;

import io.soabase.recordbuilder.core.RecordBuilder;
import oddcradle.core.math.Guard;

/**
 * The free end of a shaft.
 *
 * @param diameter m; 0 where nobody has measured it
 * @param length usable, m; 0 where nobody has measured it
 * @param note key, spline or taper in the builder's words
 */
@RecordBuilder
public record ShaftEnd(double diameter, double length, String note) implements ShaftEndBuilder.With {
    public static final ShaftEnd UNKNOWN = new ShaftEnd(0, 0, "");

    public ShaftEnd {
        Guard.within("diameter", diameter, 0, 1, "m");
        Guard.within("length", length, 0, 2, "m");
        Guard.present("note", note);
    }

    public boolean isMeasured() {
        return diameter > 0;
    }
}
