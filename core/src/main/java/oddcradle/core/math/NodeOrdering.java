package oddcradle.core.math;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * Reverse Cuthill-McKee: an order of the nodes of a graph that keeps neighbours close, so that a sparse factor stays
 * narrow. Cuthill and McKee, Proc. 24th ACM National Conference (1969); George (1971) for the reversal (from memory).
 */
public final class NodeOrdering {
    private NodeOrdering() {}

    /**
     * @param neighbours for each node the nodes it is joined to; repeats do no harm
     * @return the nodes in their new order
     */
    public static int[] reverseCuthillMcKee(List<List<Integer>> neighbours) {
        int count = neighbours.size();
        boolean[] placed = new boolean[count];
        int[] order = new int[count];
        int next = 0;
        Comparator<Integer> byDegree =
                Comparator.comparingInt(node -> neighbours.get(node).size());
        for (int node = 0; node < count; node++) {
            if (placed[node]) {
                continue;
            }
            int start = farthestFrom(farthestFrom(node, neighbours, byDegree), neighbours, byDegree);
            ArrayDeque<Integer> queue = new ArrayDeque<>(List.of(start));
            placed[start] = true;
            while (!queue.isEmpty()) {
                int here = queue.remove();
                order[next++] = here;
                List<Integer> around = new ArrayList<>(neighbours.get(here));
                around.sort(byDegree);
                for (int other : around) {
                    if (!placed[other]) {
                        placed[other] = true;
                        queue.add(other);
                    }
                }
            }
        }
        return reversed(order);
    }

    /** The node of least degree in the last layer of a breadth-first walk. */
    private static int farthestFrom(int start, List<List<Integer>> neighbours, Comparator<Integer> byDegree) {
        int[] layer = new int[neighbours.size()];
        Arrays.fill(layer, -1);
        layer[start] = 0;
        ArrayDeque<Integer> queue = new ArrayDeque<>(List.of(start));
        int best = start;
        while (!queue.isEmpty()) {
            int here = queue.remove();
            if (layer[here] > layer[best] || layer[here] == layer[best] && byDegree.compare(here, best) < 0) {
                best = here;
            }
            for (int other : neighbours.get(here)) {
                if (layer[other] < 0) {
                    layer[other] = layer[here] + 1;
                    queue.add(other);
                }
            }
        }
        return best;
    }

    private static int[] reversed(int[] order) {
        int[] turned = new int[order.length];
        for (int k = 0; k < order.length; k++) {
            turned[k] = order[order.length - 1 - k];
        }
        return turned;
    }
}
