package oddcradle.desktop.slate;

import java.util.List;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.mounting.BondedPad;
import oddcradle.core.units.Kind;
import oddcradle.core.units.UnitStyle;

/** Rubber pads typed as {@code diameter height hardness}. */
public final class Pads {
    private static final Rows ROWS = new Rows(
            "pad", "diameter, height and Shore A, such as 44 55 40", List.of(Kind.LENGTH, Kind.LENGTH, Kind.HARDNESS));

    private Pads() {}

    /** @throws InvalidValue naming the number that is wrong */
    public static BondedPad one(String text, UnitStyle style) {
        List<List<Double>> pads = ROWS.read(text, style);
        if (pads.size() != 1) {
            throw new InvalidValue("pad", "is " + pads.size() + " pads, must be one");
        }
        List<Double> pad = pads.get(0);
        return new BondedPad(pad.get(0), pad.get(1), pad.get(2));
    }
}
