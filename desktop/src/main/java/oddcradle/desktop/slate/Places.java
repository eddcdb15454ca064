package oddcradle.desktop.slate;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.Entry;
import oddcradle.core.units.Kind;
import oddcradle.core.units.UnitStyle;

/** Places typed as {@code forward left up}, several of them apart by semicolons. */
public final class Places {
    private static final int MOST = 200;

    private Places() {}

    /** @throws InvalidValue naming the place and the number that is wrong */
    public static List<Vec3> read(String text, UnitStyle style) {
        String[] places = text.strip().split("\\s*;\\s*");
        if (places.length > MOST) {
            throw new InvalidValue("places", "are " + places.length + ", at most " + MOST + " are taken");
        }
        List<Vec3> read = new ArrayList<>();
        for (int k = 0; k < places.length; k++) {
            String[] numbers = places[k].strip().split("\\s+");
            if (numbers.length != 3) {
                throw new InvalidValue(
                        "place " + (k + 1),
                        "has " + numbers.length + " numbers, must be forward, left and up, such as 120 -80 40");
            }
            double[] at = new double[3];
            for (int axis = 0; axis < 3; axis++) {
                try {
                    at[axis] = Entry.read(numbers[axis], Kind.LENGTH, style).si();
                } catch (InvalidValue invalid) {
                    throw new InvalidValue("place " + (k + 1), invalid.problem());
                }
            }
            read.add(new Vec3(at[0], at[1], at[2]));
        }
        return read;
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
