package oddcradle.core.hardware;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.catalog.Nut;
import oddcradle.core.hardware.HardwareItem.Fastening;
import oddcradle.core.hardware.HardwareItem.Kind;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.joint.BoltHole;
import oddcradle.core.joint.BoltStack;

/** Everything that is bought, turned or cut for the mounts, from their designs: one list that all who print or show hardware read. */
public record Hardware(List<HardwareItem> items) {
    private static final double SAME = 1e-9;

    public Hardware {
        items = List.copyOf(items);
    }

    /** As drawn, and with what was put under a boss, trimmed or opened since. */
    public static Hardware of(Job job, List<MountDesign> designs) {
        List<HardwareItem> items = new ArrayList<>();
        for (MountDesign design : designs) {
            Boss boss = job.donor().boss(design.isolator().boss()).orElseThrow();
            AsFitted fitted = new AsFitted(
                    job.asBuilt().fitted(design.isolator().id()).thickness(),
                    job.plan().errors().hole(boss.id()));
            items.addAll(fitted.of(design, BoltHole.medium(BoltHole.boltOf(boss.bore())), ofMount(design)));
        }
        return new Hardware(items);
    }

    public List<HardwareItem> ofMount(String mount) {
        return items.stream().filter(each -> each.mount().equals(mount)).toList();
    }

    /** Tabs and seats, each to be cut by its outline. */
    public List<HardwareItem> plates() {
        return items.stream().filter(each -> each.outline().isPresent()).toList();
    }

    private static List<HardwareItem> ofMount(MountDesign design) {
        String mount = design.isolator().id();
        List<HardwareItem> items = new ArrayList<>();
        if (!design.isolator().element().isHard()) {
            items.add(piece(Kind.ISOLATOR, mount, design.isolator().element().designation(), 0, 0, 0));
        }
        stack(items, mount, design.stack(), Locked.goes(design.axis()));
        // Across the mount it goes in from whichever side there is room.
        design.ears().ifPresent(ears -> stack(items, mount, ears, ""));
        design.collar()
                .ifPresent(collar -> items.add(
                        piece(Kind.COLLAR, mount, "steel", collar.length(), collar.inside(), collar.outside())));
        items.add(new HardwareItem(
                design.through() ? Kind.SEAT : Kind.TAB,
                mount,
                design.through() ? 1 : design.tab().plates(),
                design.tube().material(),
                design.tab().thickness(),
                design.stack().hole(),
                0,
                Optional.empty(),
                Optional.of(design.outline())));
        return items;
    }

    private static void stack(List<HardwareItem> items, String mount, BoltStack stack, String goes) {
        stack.layers().stream()
                .map(layer -> item(mount, stack, layer, goes))
                .flatMap(Optional::stream)
                .forEach(each -> add(items, each));
        stack.shims()
                .forEach(thick -> add(
                        items,
                        piece(
                                Kind.SHIM,
                                mount,
                                stack.thread().designation(),
                                thick,
                                stack.thread().diameter(),
                                stack.thread().washerDiameter())));
    }

    /** Empty for what is no piece of its own: the lug, the frame, the head of a bolt, the parts of a bonded pad. */
    private static Optional<HardwareItem> item(String mount, BoltStack stack, BoltStack.Layer layer, String goes) {
        double length = layer.to() - layer.from();
        String thread = stack.thread().designation();
        return switch (layer.kind()) {
            case BOLT -> Optional.of(bolt(mount, stack, stack.isBonded() ? Kind.STUD : Kind.BOLT, goes));
            case NUT ->
                Optional.of(piece(
                        stack.nut() == Nut.LOCKING ? Kind.LOCKING_NUT : Kind.NUT,
                        mount,
                        thread,
                        length,
                        2 * layer.inner(),
                        stack.thread().acrossCorners()));
            case WASHER -> Optional.of(round(Kind.WASHER, mount, thread, layer));
            case LARGE_WASHER -> Optional.of(round(Kind.LARGE_WASHER, mount, thread, layer));
            case SLEEVE -> Optional.of(round(Kind.SLEEVE, mount, "steel", layer));
            case SPACER -> Optional.of(round(Kind.SPACER, mount, "steel", layer));
            case SNUBBER -> Optional.of(round(Kind.SNUBBER, mount, "rubber", layer));
            default -> Optional.empty();
        };
    }

    private static HardwareItem bolt(String mount, BoltStack stack, Kind kind, String goes) {
        return new HardwareItem(
                kind,
                mount,
                1,
                stack.bolt().mark(),
                stack.bolt().length(),
                0,
                stack.thread().diameter(),
                Optional.of(new Fastening(
                        stack.grip(), stack.grade().word(), stack.tighteningTorque(), goes, Locked.by(stack))),
                Optional.empty());
    }

    private static HardwareItem round(Kind kind, String mount, String designation, BoltStack.Layer layer) {
        return piece(kind, mount, designation, layer.to() - layer.from(), 2 * layer.inner(), 2 * layer.outer());
    }

    private static HardwareItem piece(
            Kind kind, String mount, String designation, double length, double inside, double outside) {
        return new HardwareItem(
                kind, mount, 1, designation, length, inside, outside, Optional.empty(), Optional.empty());
    }

    /** One more of what the mount has already, or one of a new sort. */
    private static void add(List<HardwareItem> items, HardwareItem item) {
        for (int k = 0; k < items.size(); k++) {
            HardwareItem there = items.get(k);
            boolean alike = there.kind() == item.kind()
                    && there.mount().equals(item.mount())
                    && there.designation().equals(item.designation())
                    && Math.abs(there.length() - item.length()) < SAME
                    && Math.abs(there.inside() - item.inside()) < SAME
                    && Math.abs(there.outside() - item.outside()) < SAME;
            if (alike) {
                items.set(
                        k,
                        new HardwareItem(
                                there.kind(),
                                there.mount(),
                                there.count() + item.count(),
                                there.designation(),
                                there.length(),
                                there.inside(),
                                there.outside(),
                                there.fastening(),
                                there.outline()));
                return;
            }
        }
        items.add(item);
    }
}
