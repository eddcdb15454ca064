package oddcradle.core.propose;

import java.util.List;
import java.util.Map;
import oddcradle.core.math.Vec3;
import oddcradle.core.mounting.BondedBush;
import oddcradle.core.mounting.Elastomer;
import oddcradle.core.section.Section;

/** The upper row of lugs hangs in bushes on a tube across the frame; the lower row rests on pads. */
final class HangerCradle {
    private static final double HARDNESS = 60;
    private static final double WALL = 0.012;
    private static final double LENGTH = 0.040;
    private static final double EYE = 0.012;

    private HangerCradle() {}

    static CradleDraft draft(Site site, MountStyle mountStyle, Map<Role, Section> sections) throws CradleKind.NotHere {
        List<List<Lug>> rows = Rows.along(site.lugs(), Vec3.X);
        if (rows.size() < 2) {
            throw new CradleKind.NotHere("all lugs lie in one row across the machine");
        }
        if (site.lugs().stream().anyMatch(lug -> !lug.isInLine(Vec3.Y))) {
            throw new CradleKind.NotHere("a hanger's bush lies across the machine, the holes of the lugs do not");
        }
        if (!mountStyle.isSoft()) {
            throw new CradleKind.NotHere("a hanger swings; it is not bolted hard");
        }
        boolean frontHigher =
                Rows.middle(rows.get(0)).z() > Rows.middle(rows.get(1)).z();
        CradleDraft draft = new CradleDraft(site);
        double bore = rows.get(0).get(0).boss().bore() + EYE;
        MountStyle bush = new MountStyle(
                new BondedBush(bore, bore + 2 * WALL, LENGTH, HARDNESS, Elastomer.RUBBER),
                mountStyle.loss(),
                mountStyle.points());
        hang(draft, rows.get(frontHigher ? 0 : 1), frontHigher, bush, sections);
        TubeCradle.crossTube(draft, rows.get(frontHigher ? 1 : 0), !frontHigher, mountStyle, sections);
        return draft;
    }

    /** The eye's axis lies across the machine, whatever side of the lugs the tube is on. */
    private static void hang(
            CradleDraft draft, List<Lug> row, boolean front, MountStyle bush, Map<Role, Section> sections) {
        Bearer bearer = new Bearer(draft.site(), row, Vec3.X, bush, sections.get(Role.CROSS), sections.get(Role.LEG));
        Vec3 outward = front ? Vec3.X : Vec3.X.negated();
        Bearer.Run run = bearer.best(List.of(outward, Vec3.Z));
        bearer.place(draft, run, "hanger tube", Role.CROSS, Role.LEG);
        draft.turnMounts(row, Vec3.Y);
    }
}
