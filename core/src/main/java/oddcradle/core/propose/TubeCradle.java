package oddcradle.core.propose;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.Section;

/** The lower cradle of round tube. */
final class TubeCradle {
    private static final double LONGEST_STRUT = 0.8;
    private static final double STRUT_ANGLE = Math.toRadians(40);

    private TubeCradle() {}

    static CradleDraft lower(Site site, MountStyle mountStyle, Map<Role, Section> sections) throws CradleKind.NotHere {
        CradleDraft draft = new CradleDraft(site);
        List<List<Lug>> rows = Rows.along(site.lugs(), Vec3.X);
        if (rows.size() < 2) {
            throw new CradleKind.NotHere("all lugs lie in one row across the machine");
        }
        List<Bearer.Placed> placed = new ArrayList<>();
        for (int k = 0; k < rows.size(); k++) {
            placed.add(crossTube(draft, rows.get(k), k == 0, mountStyle, sections));
        }
        tie(draft, placed.get(0).left(), placed.get(1).left(), "left side tube", sections);
        tie(draft, placed.get(0).right(), placed.get(1).right(), "right side tube", sections);
        thrust(draft, placed.get(1).left(), 1, sections);
        thrust(draft, placed.get(1).right(), -1, sections);
        return draft;
    }

    static Bearer.Placed crossTube(
            CradleDraft draft, List<Lug> row, boolean front, MountStyle mountStyle, Map<Role, Section> sections) {
        Bearer bearer =
                new Bearer(draft.site(), row, Vec3.X, mountStyle, sections.get(Role.CROSS), sections.get(Role.LEG));
        Vec3 outward = front ? Vec3.X : Vec3.X.negated();
        Bearer.Run run = bearer.best(List.of(Vec3.Z.negated(), outward));
        return bearer.place(draft, run, front ? "front cross tube" : "rear cross tube", Role.CROSS, Role.LEG);
    }

    /** Between two ends, where the way is clear. */
    static void tie(CradleDraft draft, String from, String to, String label, Map<Role, Section> sections) {
        Section section = sections.get(Role.TIE);
        double margin = draft.site().margin(draft.place(from), draft.place(to), Bearer.half(section));
        if (margin < 0) {
            draft.trouble("there is no room for the " + label);
            return;
        }
        draft.tube(label, Role.TIE, section, from, to);
    }

    /** A second leg that leans along the machine, so that a row cannot be pushed over. */
    static void thrust(CradleDraft draft, String end, int sign, Map<Role, Section> sections) {
        Vec3 from = draft.place(end);
        Vec3 along = Vec3.X;
        Section section = sections.get(Role.TIE);
        Optional<Landing> landing = draft.site()
                .landing(
                        from,
                        Bearer.half(section),
                        LONGEST_STRUT,
                        each -> sign * each.at().y() > 0
                                && Math.abs(each.at().minus(from).dot(along)) > Math.sin(STRUT_ANGLE) * each.length()
                                && draft.isApart(end, each.at()));
        if (landing.isPresent() && landing.get().margin() >= 0) {
            draft.tube(
                    (sign > 0 ? "left" : "right") + " thrust strut",
                    Role.TIE,
                    section,
                    draft.landed(landing.get(), end),
                    end);
        } else {
            draft.trouble("no clear place for the " + (sign > 0 ? "left" : "right") + " thrust strut");
        }
    }
}
