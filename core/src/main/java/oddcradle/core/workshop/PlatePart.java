package oddcradle.core.workshop;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.examine.Examination;
import oddcradle.core.hardware.HardwareItem;
import oddcradle.core.job.cradle.Detail;
import oddcradle.core.joint.Outline;

/**
 * A flat piece that is cut to an outline.
 *
 * @param mark written on it
 * @param what it is
 * @param count how many alike
 * @param thickness m
 * @param material of it
 */
public record PlatePart(String mark, String what, int count, double thickness, String material, Outline outline) {
    /** Corner of a gusset that is cut off so that it clears the weld of its tubes, of its leg; common practice. */
    private static final double CLEARED = 0.2;

    /** Tabs and seats of mounts, then gussets. */
    static List<PlatePart> of(Examination examination) {
        List<PlatePart> parts = new ArrayList<>();
        for (HardwareItem item : examination.hardware().plates()) {
            parts.add(new PlatePart(
                    item.mount() + (item.kind() == HardwareItem.Kind.TAB ? "-T" : "-S"),
                    item.kind().word() + " of mount " + item.mount(),
                    item.count(),
                    item.length(),
                    item.designation(),
                    item.outline().orElseThrow()));
        }
        examination
                .job()
                .cradle()
                .details(Detail.Gusset.class)
                .forEach(gusset -> parts.add(gusset(examination, gusset)));
        return parts;
    }

    private static PlatePart gusset(Examination examination, Detail.Gusset gusset) {
        double leg = gusset.leg();
        double cleared = CLEARED * leg;
        Outline outline = new Outline(
                List.of(
                        new Outline.Point(cleared, 0),
                        new Outline.Point(leg, 0),
                        new Outline.Point(0, leg),
                        new Outline.Point(0, cleared)),
                List.of());
        String material = examination
                .job()
                .member(gusset.first())
                .map(tube -> tube.material())
                .orElse("");
        return new PlatePart(
                gusset.id(),
                "gusset at " + gusset.node() + " between " + gusset.first() + " and " + gusset.second(),
                1,
                gusset.thickness(),
                material,
                outline);
    }

    /** Left edge of what holds it, m. */
    public double left() {
        return outline.edge().stream().mapToDouble(Outline.Point::x).min().orElse(0);
    }

    public double bottom() {
        return outline.edge().stream().mapToDouble(Outline.Point::y).min().orElse(0);
    }

    public double width() {
        return outline.edge().stream().mapToDouble(Outline.Point::x).max().orElse(0) - left();
    }

    public double height() {
        return outline.edge().stream().mapToDouble(Outline.Point::y).max().orElse(0) - bottom();
    }
}
