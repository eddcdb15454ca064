package oddcradle.desktop.slate;

import java.util.List;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.Kind;
import oddcradle.core.units.UnitStyle;

/** Places typed as {@code forward left up}, several of them apart by semicolons. */
public final class Places {
    private static final Rows ROWS = new Rows(
            "place", "forward, left and up, such as 120 -80 40", List.of(Kind.LENGTH, Kind.LENGTH, Kind.LENGTH));

    private Places() {}

    /** @throws InvalidValue naming the place and the number that is wrong */
    public static List<Vec3> read(String text, UnitStyle style) {
        return ROWS.read(text, style).stream()
                .map(row -> new Vec3(row.get(0), row.get(1), row.get(2)))
                .toList();
    }

    /** One place only. */
    public static Vec3 one(String text, UnitStyle style) {
        List<Vec3> places = read(text, style);
        if (places.size() != 1) {
            throw new InvalidValue("place", "is " + places.size() + " places, must be one");
        }
        return places.get(0);
    }
}
