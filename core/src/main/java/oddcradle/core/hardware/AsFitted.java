package oddcradle.core.hardware;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.catalog.BoltLength;
import oddcradle.core.hardware.HardwareItem.Fastening;
import oddcradle.core.hardware.HardwareItem.Kind;
import oddcradle.core.job.seat.FitErrors;
import oddcradle.core.joint.BoltStack;

/**
 * What a mount needs beyond its drawing once it was shimmed, trimmed or its hole opened: shims under the boss, a washer that covers the hole, a spacer that is shorter, and a bolt that still
 * reaches.
 *
 * @param fitted under the boss beyond the drawing, m; negative where a spacer was trimmed
 * @param opened hole or slot; empty where it is as drilled
 */
record AsFitted(double fitted, Optional<FitErrors.Hole> opened) {
    /** A hole that much larger than usual needs a washer that covers it, m. */
    private static final double LARGER = 0.0001;

    /** Thickness of a washer that bridges a slot, of the bolt's diameter; and no less than, m; common practice. */
    private static final double THICK = 0.3;

    private static final double THINNEST = 0.003;

    /** Of the list as drawn, what is really bought and turned. */
    List<HardwareItem> of(MountDesign design, double usualHole, List<HardwareItem> drawn) {
        BoltStack stack = design.stack();
        String mount = design.isolator().id();
        List<HardwareItem> items = new ArrayList<>();
        double more = Math.max(0, fitted);
        Optional<HardwareItem> cover = cover(stack, mount, usualHole);
        double longer = more + cover.map(HardwareItem::length).orElse(0.0);
        for (HardwareItem item : drawn) {
            boolean bolt =
                    item.kind() == Kind.BOLT && item.length() == stack.bolt().length();
            items.add(
                    bolt && longer > 0
                            ? reaching(item, stack, longer)
                            : item.kind() == Kind.SPACER && fitted < 0 ? shortened(item) : item);
        }
        if (more > 0) {
            items.add(new HardwareItem(
                    Kind.SHIM,
                    mount,
                    1,
                    "shims in all, " + stack.thread().designation(),
                    more,
                    stack.thread().diameter(),
                    stack.thread().washerDiameter(),
                    Optional.empty(),
                    Optional.empty()));
        }
        cover.ifPresent(items::add);
        return items;
    }

    private Optional<HardwareItem> cover(BoltStack stack, String mount, double usualHole) {
        double bolt = stack.thread().diameter();
        return opened.filter(hole -> hole.slot() > 0 || hole.diameter() > usualHole + LARGER)
                .map(hole -> new HardwareItem(
                        Kind.COVER_WASHER,
                        mount,
                        1,
                        "steel",
                        Math.ceil(2000 * Math.max(THINNEST, THICK * bolt)) / 2000,
                        bolt,
                        // Half a bolt of metal all round the hole, wherever the bolt stands in it.
                        Math.ceil(1000 * (hole.diameter() + 2 * hole.slot() + bolt)) / 1000,
                        Optional.empty(),
                        Optional.empty()));
    }

    /** The next length that bolts are sold in, with the thread beyond the nut that the drawing has. */
    private static HardwareItem reaching(HardwareItem bolt, BoltStack stack, double longer) {
        double spare = stack.reach().isPresent()
                ? 0
                : Math.max(0, stack.threadProtrusion() - BoltStack.LEAST_PROTRUSION)
                        * stack.thread().pitch();
        double wants = bolt.length() - spare + longer;
        BoltLength length = BoltLength.atLeast(stack.thread(), wants)
                .orElseGet(() -> BoltLength.exactly(stack.thread(), Math.ceil(200 * wants) / 200));
        Fastening drawn = bolt.fastening().orElseThrow();
        return new HardwareItem(
                bolt.kind(),
                bolt.mount(),
                bolt.count(),
                length.length() > bolt.length() ? length.mark() : bolt.designation(),
                Math.max(length.length(), bolt.length()),
                bolt.inside(),
                bolt.outside(),
                Optional.of(new Fastening(
                        drawn.grip() + longer, drawn.propertyClass(), drawn.torque(), drawn.goes(), drawn.lock())),
                bolt.outline());
    }

    private HardwareItem shortened(HardwareItem spacer) {
        return new HardwareItem(
                spacer.kind(),
                spacer.mount(),
                spacer.count(),
                spacer.designation(),
                Math.max(0, spacer.length() + fitted),
                spacer.inside(),
                spacer.outside(),
                spacer.fastening(),
                spacer.outline());
    }
}
