package oddcradle.core.workshop;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import oddcradle.core.examine.Examination;
import oddcradle.core.hardware.HardwareItem;
import oddcradle.core.hardware.MountDesign;
import oddcradle.core.job.make.Build;
import oddcradle.core.job.make.Part;

/**
 * What is bought, each thing once with how many of it, and the spanners that all of it takes.
 *
 * @param lines bolts first, as they come
 * @param others noted by hand: paint, hoses, whatever the program does not know of
 * @param spanners across flats, in the words of the toolbox
 */
public record HardwareTotals(List<Line> lines, List<Part> others, List<String> spanners) {
    public HardwareTotals {
        lines = List.copyOf(lines);
        others = List.copyOf(others);
        spanners = List.copyOf(spanners);
    }

    /**
     * @param item one of them
     * @param count of all alike
     * @param mounts that they belong to
     * @param note what the shop has written of it
     */
    public record Line(HardwareItem item, int count, List<String> mounts, Part note) {
        public Line {
            mounts = List.copyOf(mounts);
        }
    }

    public static HardwareTotals of(Examination examination) {
        Build build = examination.job().build();
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
                        items.stream().map(HardwareItem::mount).distinct().toList(),
                        build.part(sort(items.get(0)))))
                .toList();
        TreeSet<String> spanners = new TreeSet<>();
        for (MountDesign design : examination.mountDesigns()) {
            spanners.add(design.stack().thread().spanner());
            design.ears().ifPresent(ears -> spanners.add(ears.thread().spanner()));
        }
        List<Part> others = build.parts().stream()
                .filter(part ->
                        lines.stream().noneMatch(line -> line.note().item().equals(part.item())))
                .toList();
        return new HardwareTotals(lines, others, List.copyOf(spanners));
    }

    private static String size(double metres) {
        return metres == 0 ? "" : " " + Math.round(metres * 1e5) / 100.0;
    }

    /** Price of what is still to be bought, in the shop's money; things without a price count nothing. */
    public double toPay() {
        return lines.stream()
                        .filter(line -> line.note().state() == Part.State.TO_BUY)
                        .mapToDouble(line -> line.count() * line.note().price())
                        .sum()
                + others.stream()
                        .filter(part -> part.state() == Part.State.TO_BUY)
                        .mapToDouble(Part::price)
                        .sum();
    }

    /** Things that stay for a while only. */
    public long temporary() {
        return lines.stream()
                .filter(line -> line.note().state() == Part.State.TEMPORARY)
                .count();
    }

    /** Lengths to a hundredth of a millimetre are the same. */
    private static String sort(HardwareItem item) {
        return (item.kind().word() + " " + item.designation() + size(item.length()) + size(item.inside())
                        + size(item.outside())
                        + item.fastening()
                                .map(each -> " " + each.propertyClass())
                                .orElse(""))
                .strip();
    }
}
