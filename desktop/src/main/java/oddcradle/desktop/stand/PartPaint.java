package oddcradle.desktop.stand;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.paint.Color;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.structure.TubeStress;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.look.Temper;
import oddcradle.files.drawing.Role;

/** Which colour a part has at a step: what matters there is solid, the rest is quiet. */
final class PartPaint {
    private static final double KEEP_OUT_OPACITY = 0.42;
    private static final double FADED_OPACITY = 0.3;
    /** Parts with less to spare than this are coloured by it, m. */
    static final double NEAR = 0.04;

    private final Palette palette;
    private final Step step;
    /** Whether a scan with tones lies over the tubes as drawn. */
    private final boolean underScan;

    private final Optional<String> selected;
    private final Map<String, Double> shares;
    /** Least margin of each part of the donor to anything, m; at Seat. */
    private final Map<String, Double> margins = new HashMap<>();

    PartPaint(Palette palette, Examination examination, Step step, Optional<String> selected, boolean underScan) {
        this.palette = palette;
        this.step = step;
        this.selected = selected;
        this.underScan = underScan;
        this.shares = step == Step.LOAD
                ? examination.tubeStresses().stream()
                        .collect(Collectors.toMap(use -> use.tube().id(), TubeStress::utilisation, Math::max))
                : Map.of();
        if (step == Step.SEAT) {
            examination
                    .ledger()
                    .near()
                    .forEach(gap -> margins.merge(gap.donorPart().id(), gap.margin(), Math::min));
        }
    }

    Color of(String part, Role role) {
        if (selected.filter(part::equals).isPresent()) {
            // Cradle tubes are blue themselves.
            return role == Role.CRADLE_TUBE ? palette.ink() : palette.blue();
        }
        if (step == Step.LOAD && shares.containsKey(part)) {
            double share = shares.get(part);
            return share > 1 ? palette.of(Severity.STOP) : Temper.at(share);
        }
        if (margins.getOrDefault(part, NEAR) < NEAR) {
            double margin = margins.get(part);
            return margin < 0 ? palette.of(Severity.STOP) : Temper.at(1 - margin / NEAR);
        }
        return switch (role) {
            case HOST_TUBE -> quietUnless(step == Step.HOST || step == Step.SEAT || step == Step.LINE, palette.tube());
            case KEEP_OUT -> see(quietUnless(step == Step.HOST || step == Step.LINE, palette.tube()), KEEP_OUT_OPACITY);
            case CRADLE_TUBE -> step == Step.DONOR || step == Step.HOST ? palette.quiet() : palette.cradle();
            case DONOR -> quietUnless(step != Step.MAKE && step != Step.LOAD && step != Step.HOST, palette.donor());
            case DRIVE -> quietUnless(step == Step.LINE || step == Step.SEAT, palette.graphite());
            case HOT -> quietUnless(step == Step.DONOR || step == Step.SEAT, palette.hot());
        };
    }

    /** Whether a scan with tones stands in for what was drawn. */
    boolean hides(Role role) {
        return underScan && (role == Role.CRADLE_TUBE || role == Role.HOST_TUBE);
    }

    /** Of what does not matter. */
    Color quiet() {
        return palette.quiet();
    }

    /** Whether a part may be looked through where it stands before the donor: the machine, while one works on what sits in it. */
    boolean mayFade(String part, Role role) {
        boolean inside =
                switch (step) {
                    case DONOR, LINE, SEAT, CRADLE, SHAKE, MAKE, FIT, RUN -> true;
                    default -> false;
                };
        return inside && role == Role.HOST_TUBE && selected.filter(part::equals).isEmpty();
    }

    /** The same looked through. */
    Color faded(Color colour) {
        return see(colour, FADED_OPACITY);
    }

    /** Through keep-outs one sees what they surround; the 3-D pipeline wants such colours weakened by their opacity. */
    private static Color see(Color colour, double opacity) {
        return new Color(colour.getRed() * opacity, colour.getGreen() * opacity, colour.getBlue() * opacity, opacity);
    }

    private Color quietUnless(boolean matters, Color colour) {
        return matters ? colour : palette.quiet();
    }
}
