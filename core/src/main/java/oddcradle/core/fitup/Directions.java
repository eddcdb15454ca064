package oddcradle.core.fitup;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;

/** A direction in the words of the shop floor. */
public final class Directions {
    /** m. */
    private static final double SEEN = 0.000005;

    private Directions() {}

    /** By its longest part. */
    public static String of(Vec3 way) {
        double x = Math.abs(way.x());
        double y = Math.abs(way.y());
        double z = Math.abs(way.z());
        if (x >= y && x >= z) {
            return way.x() > 0 ? "forward" : "back";
        }
        if (y >= z) {
            return way.y() > 0 ? "to the left" : "to the right";
        }
        return way.z() > 0 ? "up" : "down";
    }

    /** Each part of a move by itself, such as “0.40 mm up, 0.12 mm to the right”; what nobody can measure is left out. */
    public static String parts(Vec3 way, UnitStyle style) {
        List<String> words = new ArrayList<>();
        for (Vec3 part : List.of(new Vec3(0, 0, way.z()), new Vec3(0, way.y(), 0), new Vec3(way.x(), 0, 0))) {
            if (part.length() >= SEEN) {
                words.add(style.show(Quantity.fine(part.length())) + " " + of(part));
            }
        }
        return words.isEmpty() ? "stays" : String.join(", ", words);
    }
}
