package oddcradle.core.workshop;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import oddcradle.core.examine.Examination;
import oddcradle.core.hardware.HardwareItem;
import oddcradle.core.hardware.MountDesign;

/**
 * What is bought, each thing once with how many of it, and the spanners that all of it takes.
 *
 * @param lines bolts first, as they come
 * @param spanners across flats, in the words of the toolbox
 */
public record HardwareTotals(List<Line> lines, List<String> spanners) {
    public HardwareTotals {
        lines = List.copyOf(lines);
        spanners = List.copyOf(spanners);
    }

    /**
     * @param item one of them
     * @param count of all alike
     * @param mounts that they belong to
     */
    public record Line(HardwareItem item, int count, List<String> mounts) {
        public Line {
            mounts = List.copyOf(mounts);
        }
    }

    static HardwareTotals of(Examination examination) {
        Map<String, List<HardwareItem>> alike = new LinkedHashMap<>();
        for (HardwareItem item : examination.hardware().items()) {
            if (item.outline().isEmpty()) {
                alike.computeIfAbsent(sort(item), any -> new ArrayList<>()).add(item);
            }
        }
        List<Line> lines = alike.values().stream()
                .map(items -> new Line(
                        items.get(0),
                        items.stream().mapToInt(HardwareItem::count).sum(),
                        items.stream().map(HardwareItem::mount).distinct().toList()))
                .toList();
        TreeSet<String> spanners = new TreeSet<>();
        for (MountDesign design : examination.mountDesigns()) {
            spanners.add(design.stack().thread().spanner());
            design.ears().ifPresent(ears -> spanners.add(ears.thread().spanner()));
        }
        return new HardwareTotals(lines, List.copyOf(spanners));
    }

    /** Lengths to a hundredth of a millimetre are the same. */
    private static String sort(HardwareItem item) {
        return item.kind() + " " + item.designation() + " " + Math.round(item.length() * 1e5) + " "
                + Math.round(item.inside() * 1e5) + " " + Math.round(item.outside() * 1e5) + " "
                + item.fastening().map(HardwareItem.Fastening::propertyClass).orElse("");
    }
}
