package oddcradle.core.propose;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import oddcradle.core.catalog.ScrewThread;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.RectTube;
import oddcradle.core.section.Section;
import oddcradle.core.section.Tube;

/**
 * A straight piece that carries a row of lugs, with a leg at each end: tried on several sides of the lugs and in several lengths, the
 * clearest and shortest kept.
 */
final class Bearer {
    private static final double[] OVERS = {0.05, 0.10, 0.18};
    /** A pad that lies carries the weight in shear: worth this much tube to avoid, m. */
    private static final double LYING = 0.2;

    /** Farther off than needed, filled by a spacer, m. */
    private static final double[] EXTRAS = {0, 0.015, 0.03};

    /** Deeper in something than this no legs are looked for, m. */
    private static final double HOPELESS = -0.01;

    private static final double LONGEST_LEG = 0.75;
    /** Plate between pad and tube, and what a spacer fills, m. */
    private static final double SEAT = 0.006;

    private static final double HALF_LUG = 0.010;
    private static final double TAB_STANDOFF = 0.014;

    private final Site site;
    private final List<Lug> row;
    private final MountStyle mountStyle;
    private final Section section;
    private final Section leg;
    private final Vec3 side;

    /**
     * @param axis the machine's axis that the row lies across
     * @param section that it is cut from as far as is known
     */
    Bearer(Site site, List<Lug> row, Vec3 axis, MountStyle mountStyle, Section section, Section leg) {
        this.site = site;
        this.row = row;
        this.mountStyle = mountStyle;
        this.section = section;
        this.leg = leg;
        Vec3 span = row.get(0).at().minus(row.get(row.size() - 1).at());
        this.side = row.size() > 1 && span.length() > 0.02 ? span.unit() : Rows.across(axis);
    }

    /** Where it runs and how it stands. */
    record Run(
            Vec3 drop,
            double extra,
            double over,
            Optional<Landing> left,
            Optional<Landing> right,
            double cost,
            boolean clear) {}

    /** What was put on the drawing board. */
    record Placed(String tube, List<String> seats, String left, String right) {}

    static double half(Section section) {
        return section instanceof Tube tube
                ? tube.od() / 2
                : section instanceof RectTube box ? box.h() / 2 : section.outerRadius();
    }

    /** From the middle of a lug's hole to the middle of what carries it, m. */
    static double reach(Lug lug, Vec3 drop, MountStyle mountStyle, double half) {
        Boss boss = lug.boss();
        double bolt = ScrewThread.forBore(boss.bore(), false)
                .map(ScrewThread::diameter)
                .orElse(boss.bore());
        boolean inLine = lug.isInLine(drop);
        double face = inLine
                ? boss.hole().depth() > 0 ? boss.hole().depth() / 2 : HALF_LUG
                : mountStyle.isSoft() ? 1.5 * bolt + SEAT : 1.5 * bolt;
        double stands = mountStyle.isSoft() ? mountStyle.element().thickness() + SEAT : inLine ? SEAT : TAB_STANDOFF;
        return face + stands + half;
    }

    /** From every lug to its seat: the same for the row, so that what carries it is straight. */
    private Vec3 seat(Vec3 drop, double extra) {
        double farthest = row.stream()
                .mapToDouble(lug -> reach(lug, drop, mountStyle, half(section)))
                .max()
                .orElseThrow();
        return drop.times(farthest + extra);
    }

    /** The best of all drops and lengths. */
    Run best(List<Vec3> drops) {
        List<Run> runs = new ArrayList<>();
        for (Vec3 drop : drops) {
            for (double extra : EXTRAS) {
                for (double over : OVERS) {
                    runs.add(run(drop, extra, over));
                }
                if (runs.get(runs.size() - 1).clear()) {
                    break;
                }
            }
        }
        Run best = runs.stream().min(Comparator.comparingDouble(Run::cost)).orElseThrow();
        Vec3 seat = seat(best.drop(), best.extra());
        // What runs into something is drawn all the same, with its legs, and judged.
        return new Run(
                best.drop(),
                best.extra(),
                best.over(),
                best.left().or(() -> onSide(row.get(0).at().plus(seat).along(side, best.over()), 1)),
                best.right()
                        .or(() -> onSide(row.get(row.size() - 1).at().plus(seat).along(side, -best.over()), -1)),
                best.cost(),
                best.clear());
    }

    private Run run(Vec3 drop, double extra, double over) {
        Vec3 seat = seat(drop, extra);
        Vec3 left = row.get(0).at().plus(seat).along(side, over);
        Vec3 right = row.get(row.size() - 1).at().plus(seat).along(side, -over);
        double margin = site.margin(left, right, half(section));
        if (margin < HOPELESS) {
            return new Run(drop, extra, over, Optional.empty(), Optional.empty(), 10 - 50 * margin, false);
        }
        Optional<Landing> onLeft = onSide(left, 1);
        Optional<Landing> onRight = onSide(right, -1);
        double lying = mountStyle.isSoft() && Math.abs(drop.z()) < 0.5 ? LYING : 0;
        double cost =
                left.distanceTo(right) + 4 * extra + lying + 50 * Math.max(0, -margin) + cost(onLeft) + cost(onRight);
        return new Run(drop, extra, over, onLeft, onRight, cost, margin >= 0);
    }

    /** On the host tubes of that side of the machine, farther out than the lug. */
    private Optional<Landing> onSide(Vec3 end, int sign) {
        Vec3 middle = Rows.middle(row);
        double own = sign * end.minus(middle).dot(side);
        return site.landing(
                end,
                half(leg),
                LONGEST_LEG,
                landing -> sign * landing.at().minus(middle).dot(side) >= own - 0.06);
    }

    private static double cost(Optional<Landing> landing) {
        return landing.map(Site::cost).orElse(3.0);
    }

    /** Puts it on the drawing board with its legs. */
    Placed place(CradleDraft draft, Run run, String label, Role role, Role legRole) {
        List<String> seats = new ArrayList<>();
        for (Lug lug : row) {
            String seat = draft.byLug(lug, seat(run.drop(), run.extra()));
            draft.mount(lug, seat, run.drop(), mountStyle);
            seats.add(seat);
        }
        Lug first = row.get(0);
        Lug last = row.get(row.size() - 1);
        String left = draft.byLug(first, seat(run.drop(), run.extra()).plus(side.times(run.over())));
        String right = draft.byLug(last, seat(run.drop(), run.extra()).minus(side.times(run.over())));
        List<String> through = new ArrayList<>(List.of(left));
        through.addAll(seats);
        through.add(right);
        String tube = draft.tube(label, role, section, through.toArray(String[]::new));
        stand(draft, run.left(), left, label + ", left leg", legRole);
        stand(draft, run.right(), right, label + ", right leg", legRole);
        return new Placed(tube, seats, left, right);
    }

    private void stand(CradleDraft draft, Optional<Landing> landing, String end, String label, Role legRole) {
        if (landing.isEmpty()) {
            draft.trouble("no host tube is within reach of the " + label);
            return;
        }
        String foot = draft.landed(landing.get(), end);
        draft.tube(label, legRole, leg, foot, end);
    }
}
