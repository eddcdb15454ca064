package oddcradle.core.job.cradle;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.math.Guard;

/**
 * What the user has decided about one mount; the program decides what is left out.
 *
 * @param thread of its bolt, such as M10x1.25 or 3/8-24; empty where it is not decided
 * @param decided sizes, m
 */
@RecordBuilder
public record MountChoices(String thread, Map<Item, Double> decided) implements MountChoicesBuilder.With {
    private static final double FARTHEST = 0.5;

    /** A size somebody may want to set. */
    public enum Item {
        LUG("thickness of the lug"),
        GAP("gap measured at the lug"),
        BOLT("length of the bolt"),
        TAB("thickness of the tab"),
        EDGE("hole centre to edge of the tab"),
        LEG("leg of the tab's weld"),
        LARGE_WASHER("diameter of the large washer"),
        SLEEVE("length of the sleeve"),
        SPACER("length of a spacer"),
        SNUBBER("free way to the snubber, 0: none");

        private final String words;

        Item(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Everything is left to the program. */
    public static final MountChoices UNDECIDED = new MountChoices("", Map.of());

    public MountChoices {
        thread = thread == null ? "" : thread;
        EnumMap<Item, Double> sizes = new EnumMap<>(Item.class);
        if (decided != null) {
            decided.forEach((item, size) -> {
                double given = size == null ? Double.NaN : size;
                sizes.put(
                        item,
                        item == Item.GAP || item == Item.SNUBBER
                                ? Guard.within("decided." + item, given, 0, FARTHEST, "m")
                                : checked(item, given));
            });
        }
        decided = Map.copyOf(sizes);
    }

    private static double checked(Item item, double size) {
        Guard.positive("decided." + item, size, "m");
        return Guard.within("decided." + item, size, 0, FARTHEST, "m");
    }

    public Optional<Double> size(Item item) {
        return Optional.ofNullable(decided.get(item));
    }

    public MountChoices with(Item item, Optional<Double> size) {
        EnumMap<Item, Double> sizes = new EnumMap<>(Item.class);
        sizes.putAll(decided);
        sizes.remove(item);
        size.ifPresent(value -> sizes.put(item, value));
        return new MountChoices(thread, sizes);
    }

    public MountChoices withThread(String other) {
        return new MountChoices(other, decided);
    }
}
