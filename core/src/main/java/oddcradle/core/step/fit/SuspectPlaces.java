package oddcradle.core.step.fit;

import java.util.List;
import java.util.function.UnaryOperator;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.math.Vec3;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.units.Quantity;

/** Places that no weld and no saw explains: typed in another unit, from another datum, or with left for right. */
final class SuspectPlaces {
    /** Farther from its drawing no mount comes out, m; common practice. */
    private static final double NO_WELD = 0.03;

    /** What explains the places leaves less than this of how far they are off. */
    private static final double EXPLAINED = 0.2;

    private static final List<Slip> SLIPS = List.of(
            new Slip("inches were typed as millimetres", place -> place.times(25.4)),
            new Slip("millimetres were typed as inches", place -> place.times(1 / 25.4)),
            new Slip("centimetres were typed as millimetres", place -> place.times(10)),
            new Slip("millimetres were typed as centimetres", place -> place.times(0.1)));

    private static final Slip MIRRORED =
            new Slip("left and right were exchanged", place -> new Vec3(place.x(), -place.y(), place.z()));

    private record Slip(String words, UnaryOperator<Vec3> meant) {}

    private SuspectPlaces() {}

    static void add(ReportBuilder report, MountsFound found) {
        List<MountFound> measured =
                found.mounts().stream().filter(MountFound::measured).toList();
        if (!found.loaded() && mirrored(report, measured)) {
            return;
        }
        measured.stream().filter(mount -> mount.hole().off().length() > NO_WELD).forEach(mount -> far(report, mount));
    }

    private static double off(MountFound mount, Slip slip) {
        Vec3 drawn = mount.hole().place();
        return slip.meant().apply(drawn.plus(mount.hole().off())).distanceTo(drawn);
    }

    private static boolean mirrored(ReportBuilder report, List<MountFound> measured) {
        double now = 0;
        double then = 0;
        for (MountFound mount : measured) {
            now = Math.max(now, mount.hole().off().length());
            then = Math.max(then, off(mount, MIRRORED));
        }
        boolean is = measured.size() > 1 && now > NO_WELD && then < EXPLAINED * now;
        if (is) {
            report.say(
                    FitFinding.MIRRORED,
                    Severity.STOP,
                    Phrase.of(
                            "the holes found are the mirror image of the drawing: {} apart as they are, {} with left for right; look which side was measured",
                            Quantity.length(now),
                            Quantity.length(then)),
                    Place.of(Subject.CRADLE),
                    new Why("farthest hole from its drawing, as found and mirrored", List.of(), Source.measured()));
        }
        return is;
    }

    private static void far(ReportBuilder report, MountFound mount) {
        double off = mount.hole().off().length();
        String slip = SLIPS.stream()
                .filter(each -> off(mount, each) < EXPLAINED * off)
                .map(each -> "likeliest: " + each.words())
                .findFirst()
                .orElse("read it again, and from the right datum");
        report.atMost(
                FitFinding.WRONG_UNIT,
                Severity.STOP,
                Phrase.of(
                        "{} was found {} from where it is drawn, which no weld does; " + slip,
                        mount.id(),
                        Quantity.length(off)),
                Quantity.length(off),
                Quantity.length(NO_WELD),
                FitReport.at(mount),
                new Why("place found - place drawn", List.of(), Source.measured()));
    }
}
