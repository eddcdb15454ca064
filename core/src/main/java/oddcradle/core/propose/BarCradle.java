package oddcradle.core.propose;

import java.util.List;
import java.util.Map;
import oddcradle.core.job.cradle.TubeJoint;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.Section;

/** Two box bars under the lugs. */
final class BarCradle {
    private BarCradle() {}

    static CradleDraft skid(Site site, MountStyle mountStyle, Map<Role, Section> sections) throws CradleKind.NotHere {
        if (site.lugs().stream().anyMatch(lug -> !lug.isInLine(Vec3.Z))) {
            throw new CradleKind.NotHere("a skid carries feet with upright bolts");
        }
        return bars(site, mountStyle, sections);
    }

    static CradleDraft onPads(Site site, MountStyle mountStyle, Map<Role, Section> sections) throws CradleKind.NotHere {
        if (site.job().host().members().stream().noneMatch(site::isLightAlloy)) {
            throw new CradleKind.NotHere("no tube of the host is a light alloy");
        }
        CradleDraft draft = bars(site, mountStyle, sections);
        draft.bolt("M8");
        draft.cradle().members().forEach(member -> draft.cradle().nodes().stream()
                .filter(node -> node.id().startsWith("P"))
                .filter(node ->
                        member.first().equals(node.id()) || member.last().equals(node.id()))
                .forEach(node -> draft.join(member.id(), node.id(), TubeJoint.Kind.BOLTED)));
        return draft;
    }

    /** Across the machine or along it, whichever stands shorter and clearer. */
    private static CradleDraft bars(Site site, MountStyle mountStyle, Map<Role, Section> sections)
            throws CradleKind.NotHere {
        CradleDraft best = null;
        double least = Double.POSITIVE_INFINITY;
        for (Vec3 axis : List.of(Vec3.X, Vec3.Y)) {
            List<List<Lug>> rows = Rows.along(site.lugs(), axis);
            if (rows.size() < 2) {
                continue;
            }
            CradleDraft draft = new CradleDraft(site);
            double cost = 0;
            for (int k = 0; k < rows.size(); k++) {
                Bearer bearer = new Bearer(
                        site, rows.get(k), axis, mountStyle, sections.get(Role.BAR), sections.get(Role.POST));
                Bearer.Run run = bearer.best(List.of(Vec3.Z.negated()));
                bearer.place(draft, run, k == 0 ? "first bar" : "second bar", Role.BAR, Role.POST);
                cost += run.cost();
            }
            if (cost < least) {
                least = cost;
                best = draft;
            }
        }
        if (best == null) {
            throw new CradleKind.NotHere("the lugs make no two rows");
        }
        return best;
    }
}
