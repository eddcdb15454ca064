package oddcradle.core.propose;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.job.donor.Output;
import oddcradle.core.math.Vec3;
import oddcradle.core.mounting.Hard;
import oddcradle.core.section.Section;

/** The row of lugs by the drive is bolted hard; the other row hangs in a cross tube, with a stay to the frame above. */
final class PivotCradle {
    private static final double LONGEST = 0.8;
    private static final double LONGEST_STAY = 0.7;
    private static final double APART = Math.toRadians(45);
    private static final int TRIED = 10;

    private PivotCradle() {}

    static CradleDraft draft(Site site, MountStyle mountStyle, Map<Role, Section> sections) throws CradleKind.NotHere {
        List<List<Lug>> rows = Rows.along(site.lugs(), Vec3.X);
        if (rows.size() < 2) {
            throw new CradleKind.NotHere("all lugs lie in one row across the machine");
        }
        if (site.lugs().stream().anyMatch(lug -> !lug.isInLine(Vec3.Y))) {
            throw new CradleKind.NotHere("a pivot bolt needs lugs with holes across the machine");
        }
        CradleDraft draft = new CradleDraft(site);
        boolean driveBehind = drive(site).x() < site.cg().x();
        List<Lug> pivot = rows.get(driveBehind ? 1 : 0);
        List<Lug> rest = rows.get(driveBehind ? 0 : 1);
        MountStyle hard = new MountStyle(new Hard(), 0, mountStyle.points());
        for (Lug lug : pivot) {
            int sign = lug.at().y() >= site.cg().y() ? 1 : -1;
            struts(draft, lug, sign, hard, sections);
        }
        Bearer.Placed cross = TubeCradle.crossTube(draft, rest, driveBehind, mountStyle, sections);
        stay(draft, cross, sections);
        return draft;
    }

    private static Vec3 drive(Site site) {
        Output output = site.job().donor().output();
        return site.seating().pose().place(output.centre());
    }

    /** Two straight pieces from a lug to the frame, spread so that neither can swing. */
    private static void struts(CradleDraft draft, Lug lug, int sign, MountStyle hard, Map<Role, Section> sections) {
        Section section = sections.get(Role.LEG);
        Vec3 offset = new Vec3(0, sign * (0.020 + Bearer.half(section)), 0);
        Vec3 from = lug.at().plus(offset);
        List<Landing> landings = draft.site()
                .landings(
                        from,
                        Bearer.half(section),
                        LONGEST,
                        each -> sign * (each.at().y() - from.y()) > -0.05);
        String node = draft.byLug(lug, offset);
        draft.mount(lug, node, Vec3.Y, hard);
        String side = sign > 0 ? "left" : "right";
        if (landings.isEmpty()) {
            draft.trouble("no host tube is within reach of the " + side + " pivot lug");
            return;
        }
        Landing first = landings.get(0);
        draft.tube(side + " pivot strut", Role.LEG, section, draft.landed(first, node), node);
        Optional<Landing> second = landings.stream()
                .limit(TRIED)
                .filter(each -> each.margin() >= 0
                        && each.at().minus(from).angleTo(first.at().minus(from)) > APART)
                .findFirst();
        if (second.isPresent()) {
            draft.tube(side + " second strut", Role.LEG, section, draft.landed(second.get(), node), node);
        } else {
            draft.trouble("only one strut reaches the " + side + " pivot lug");
        }
    }

    /** From the middle of the cross tube's ends up to the frame. */
    private static void stay(CradleDraft draft, Bearer.Placed cross, Map<Role, Section> sections) {
        Section section = sections.get(Role.TIE);
        for (String end : List.of(cross.left(), cross.right())) {
            Vec3 from = draft.place(end);
            Optional<Landing> above = draft.site()
                    .landing(
                            from,
                            Bearer.half(section),
                            LONGEST_STAY,
                            each -> each.at().z() > from.z() + 0.5 * each.length()
                                    && Math.signum(each.at().y()
                                                    - draft.site().cg().y())
                                            == Math.signum(
                                                    from.y() - draft.site().cg().y()));
            if (above.isPresent() && above.get().margin() >= 0) {
                draft.tube("stay", Role.TIE, section, draft.landed(above.get(), end), end);
            } else {
                draft.trouble("no clear place above for a stay");
            }
        }
    }
}
