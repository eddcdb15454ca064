package oddcradle.core.asbuilt;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.TreeMap;
import oddcradle.core.math.Guard;

/**
 * What can be laid together from a shop's shims and washers: every thickness of up to three pieces, with the fewest that make it. More pieces than that spring and
 * creep (common practice).
 */
public final class ShimStacks {
    public static final int MOST_PIECES = 3;
    private static final int MOST_SIZES = 40;
    /** Thicknesses closer than this are one, m. */
    private static final double SAME = 1e-7;

    private final List<Stack> all;

    private ShimStacks(List<Stack> all) {
        this.all = List.copyOf(all);
    }

    /** Pieces on each other, thickest first, m. */
    public record Stack(List<Double> pieces) {
        public static final Stack NONE = new Stack(List.of());

        public Stack {
            List<Double> sorted = new ArrayList<>(pieces);
            sorted.sort(Comparator.reverseOrder());
            pieces = List.copyOf(sorted);
        }

        /** Of all together, by definition a sum, m. */
        public double thickness() {
            return pieces.stream().mapToDouble(piece -> piece).sum();
        }
    }

    /** @param sizes of single pieces, m */
    public static ShimStacks of(List<Double> sizes) {
        Guard.within("shims", sizes.size(), 0, MOST_SIZES, "sizes");
        TreeMap<Long, Stack> found = new TreeMap<>();
        found.put(0L, Stack.NONE);
        List<Stack> last = List.of(Stack.NONE);
        for (int pieces = 1; pieces <= MOST_PIECES; pieces++) {
            List<Stack> next = new ArrayList<>();
            for (Stack stack : last) {
                for (double size : sizes) {
                    Guard.size("shims", size);
                    List<Double> more = new ArrayList<>(stack.pieces());
                    more.add(size);
                    Stack thicker = new Stack(more);
                    if (found.putIfAbsent(Math.round(thicker.thickness() / SAME), thicker) == null) {
                        next.add(thicker);
                    }
                }
            }
            last = next;
        }
        return new ShimStacks(new ArrayList<>(found.values()));
    }

    /** All of them, thinnest first, nothing among them. */
    public List<Stack> all() {
        return all;
    }

    /** The nearest to a thickness, m; nothing where that is below zero. */
    public Stack nearest(double thickness) {
        return nearest(thickness, 1).get(0);
    }

    /** The few nearest to a thickness, m; nearest first. */
    public List<Stack> nearest(double thickness, int count) {
        int at = Collections.binarySearch(all.stream().map(Stack::thickness).toList(), thickness);
        int above = at < 0 ? -at - 1 : at;
        int below = above - 1;
        List<Stack> near = new ArrayList<>();
        while (near.size() < count && (below >= 0 || above < all.size())) {
            boolean down = above >= all.size()
                    || below >= 0
                            && thickness - all.get(below).thickness()
                                    <= all.get(above).thickness() - thickness;
            near.add(all.get(down ? below-- : above++));
        }
        return near;
    }
}
