package oddcradle.core.propose;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.job.cradle.Detail;
import oddcradle.core.job.cradle.TubeJoint;
import oddcradle.core.math.Vec3;
import oddcradle.core.mounting.Hard;
import oddcradle.core.section.Rect;
import oddcradle.core.section.Section;

/** Plates: one on each side of the engine, or one under it on a box frame. */
final class PlateCradle {
    private static final double[] BELOW = {0.05, 0.08, 0.12};
    private static final double LONGEST_LEG = 0.75;
    private static final double LEVEL = 0.05;
    private static final double SLIDE = 0.030;

    private PlateCradle() {}

    static CradleDraft pair(Site site, MountStyle mountStyle, Map<Role, Section> sections) throws CradleKind.NotHere {
        if (site.lugs().stream().anyMatch(lug -> !lug.isInLine(Vec3.Y))) {
            throw new CradleKind.NotHere("side plates need lugs with holes across the machine");
        }
        List<List<Lug>> rows = Rows.along(site.lugs(), Vec3.X);
        if (rows.size() < 2 || rows.stream().anyMatch(row -> row.size() < 2)) {
            throw new CradleKind.NotHere("side plates need two lugs on each side");
        }
        CradleDraft draft = new CradleDraft(site);
        MountStyle hard = new MountStyle(new Hard(), 0, mountStyle.points());
        Section plate = sections.get(Role.PLATE);
        double aside = 0.010 + 0.003 + plateHalf(plate);
        List<String> lefts = new ArrayList<>();
        List<String> rights = new ArrayList<>();
        for (List<Lug> row : rows) {
            Lug left = row.get(0);
            Lug right = row.get(row.size() - 1);
            lefts.add(seat(draft, left, new Vec3(0, aside, 0), hard));
            rights.add(seat(draft, right, new Vec3(0, -aside, 0), hard));
        }
        draft.tube("left plate", Role.PLATE, plate, lefts.get(0), lefts.get(1));
        draft.tube("right plate", Role.PLATE, plate, rights.get(0), rights.get(1));
        for (int k = 0; k < 2; k++) {
            crossBelow(draft, rows.get(k), lefts.get(k), rights.get(k), k == 0 ? "front" : "rear", sections);
        }
        return draft;
    }

    /** Half of what lies across: a side plate stands on edge. */
    private static double plateHalf(Section plate) {
        return plate instanceof Rect flat ? flat.b() / 2 : Bearer.half(plate);
    }

    private static String seat(CradleDraft draft, Lug lug, Vec3 offset, MountStyle mountStyle) {
        String node = draft.byLug(lug, offset);
        draft.mount(lug, node, offset, mountStyle);
        return node;
    }

    /** A cross tube below a row, the plates drawn down onto it, and its legs. */
    private static void crossBelow(
            CradleDraft draft, List<Lug> row, String left, String right, String which, Map<Role, Section> sections) {
        Site site = draft.site();
        Section cross = sections.get(Role.CROSS);
        Vec3 away = which.equals("front") ? Vec3.X : Vec3.X.negated();
        Vec3 best = null;
        double most = Double.NEGATIVE_INFINITY;
        for (Vec3 direction : List.of(Vec3.Z.negated(), away, away.minus(Vec3.Z).unit())) {
            for (double below : BELOW) {
                Vec3 by = direction.times(below);
                double margin = site.margin(
                                draft.place(left).plus(by), draft.place(right).plus(by), Bearer.half(cross))
                        - below / 20;
                if (margin > most) {
                    most = margin;
                    best = by;
                }
            }
        }
        Lug first = row.get(0);
        Lug last = row.get(row.size() - 1);
        Vec3 leftOffset = draft.place(left).minus(first.at()).plus(best);
        Vec3 rightOffset = draft.place(right).minus(last.at()).plus(best);
        String lowLeft = draft.byLug(first, leftOffset);
        String lowRight = draft.byLug(last, rightOffset);
        Vec3 span = draft.place(lowLeft).minus(draft.place(lowRight)).unit();
        String endLeft = draft.byLug(first, leftOffset.plus(span.times(0.05)));
        String endRight = draft.byLug(last, rightOffset.minus(span.times(0.05)));
        draft.tube(which + " cross tube", Role.CROSS, cross, endLeft, lowLeft, lowRight, endRight);
        draft.tube(which + " left cheek", Role.PLATE, sections.get(Role.PLATE), left, lowLeft);
        draft.tube(which + " right cheek", Role.PLATE, sections.get(Role.PLATE), right, lowRight);
        stand(draft, endLeft, 1, which + " left leg", Role.LEG, sections);
        stand(draft, endRight, -1, which + " right leg", Role.LEG, sections);
    }

    private static Optional<String> stand(
            CradleDraft draft, String end, int sign, String label, Role role, Map<Role, Section> sections) {
        Vec3 from = draft.place(end);
        double middle = draft.site().cg().y();
        Optional<Landing> landing = draft.site()
                .landing(
                        from,
                        Bearer.half(sections.get(role)),
                        LONGEST_LEG,
                        each -> sign * (each.at().y() - middle) > sign * (from.y() - middle) - 0.06);
        if (landing.isEmpty()) {
            draft.trouble("no host tube is within reach of the " + label);
            return Optional.empty();
        }
        return Optional.of(draft.tube(label, role, sections.get(role), draft.landed(landing.get(), end), end));
    }

    static CradleDraft shared(Site site, MountStyle mountStyle, Map<Role, Section> sections) throws CradleKind.NotHere {
        CradleDraft draft = new CradleDraft(site);
        subCradle(draft, mountStyle, sections);
        return draft;
    }

    static CradleDraft sliding(Site site, MountStyle mountStyle, Map<Role, Section> sections)
            throws CradleKind.NotHere {
        if (site.job().line().stages().isEmpty()
                || !site.job().line().stages().get(0).isInPlane()) {
            throw new CradleKind.NotHere("there is no chain or belt to tighten");
        }
        CradleDraft draft = new CradleDraft(site);
        List<String> sliding = subCradle(draft, mountStyle, sections);
        draft.add(new Detail.Slide(draft.detailName("L"), sliding, Vec3.X, SLIDE, "M10"));
        return draft;
    }

    /** Flats across under the lugs, bolted on two rails along the machine. Gives back the nodes that slide. */
    private static List<String> subCradle(CradleDraft draft, MountStyle mountStyle, Map<Role, Section> sections)
            throws CradleKind.NotHere {
        Site site = draft.site();
        List<List<Lug>> rows = Rows.along(site.lugs(), Vec3.X);
        if (rows.size() < 2) {
            throw new CradleKind.NotHere("all lugs lie in one row across the machine");
        }
        double highest =
                site.lugs().stream().mapToDouble(lug -> lug.at().z()).max().orElseThrow();
        double lowest =
                site.lugs().stream().mapToDouble(lug -> lug.at().z()).min().orElseThrow();
        if (highest - lowest > LEVEL) {
            throw new CradleKind.NotHere("a flat plate wants lugs of one height; these lie "
                    + Math.round(1000 * (highest - lowest)) + " mm apart");
        }
        draft.bolt("M10");
        Section bar = sections.get(Role.BAR);
        double low = rows.stream()
                .flatMap(List::stream)
                .mapToDouble(lug -> lug.at().z() - Bearer.reach(lug, Vec3.Z.negated(), mountStyle, Bearer.half(bar)))
                .min()
                .orElseThrow();
        double half = site.lugs().stream()
                        .mapToDouble(lug -> Math.abs(lug.at().y() - site.cg().y()))
                        .max()
                        .orElseThrow()
                + 0.06;
        List<String> left = new ArrayList<>();
        List<String> right = new ArrayList<>();
        List<String> sliding = new ArrayList<>();
        for (int k = 0; k < rows.size(); k++) {
            List<Lug> row = rows.get(k);
            List<String> through = new ArrayList<>();
            Lug first = row.get(0);
            Lug last = row.get(row.size() - 1);
            String leftEnd = draft.byLug(
                    first,
                    new Vec3(
                            0,
                            site.cg().y() + half - first.at().y(),
                            low - first.at().z()));
            through.add(leftEnd);
            for (Lug lug : row) {
                String seat = draft.byLug(lug, new Vec3(0, 0, low - lug.at().z()));
                draft.mount(lug, seat, Vec3.Z.negated(), mountStyle);
                through.add(seat);
            }
            String rightEnd = draft.byLug(
                    last,
                    new Vec3(
                            0,
                            site.cg().y() - half - last.at().y(),
                            low - last.at().z()));
            through.add(rightEnd);
            String plate =
                    draft.tube(k == 0 ? "plate, front" : "plate, rear", Role.BAR, bar, through.toArray(String[]::new));
            draft.join(plate, leftEnd, TubeJoint.Kind.BOLTED);
            draft.join(plate, rightEnd, TubeJoint.Kind.BOLTED);
            left.add(leftEnd);
            right.add(rightEnd);
            sliding.addAll(through);
        }
        for (int sign : new int[] {1, -1}) {
            List<String> ends = sign > 0 ? left : right;
            String side = sign > 0 ? "left" : "right";
            draft.tube(side + " rail", Role.BAR, bar, ends.get(0), ends.get(1));
            for (int k = 0; k < 2; k++) {
                stand(draft, ends.get(k), sign, (k == 0 ? "front " : "rear ") + side + " leg", Role.POST, sections);
            }
        }
        return sliding;
    }
}
