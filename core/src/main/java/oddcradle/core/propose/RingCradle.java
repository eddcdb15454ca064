package oddcradle.core.propose;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.job.line.Line;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.Section;

/** A ring at the lugs on straight tubes from the firewall's corners; a diagonal in every bay makes it a stable truss. */
final class RingCradle {
    private static final double FARTHEST = 1.2;
    private static final double FARTHEST_OFF = 0.06;
    private static final double SAME_PLANE = 0.12;

    private RingCradle() {}

    private record Corner(String node, Vec3 at) {}

    static CradleDraft draft(Site site, MountStyle mountStyle, Map<Role, Section> sections) throws CradleKind.NotHere {
        Line line = site.job().line();
        if (line.end().filter(LineEnd.Propeller.class::isInstance).isEmpty()) {
            throw new CradleKind.NotHere("a ring from the firewall belongs to an engine that pulls on a propeller");
        }
        Vec3 back = site.seating()
                                .pose()
                                .place(site.job().donor().output().centre())
                                .minus(site.cg())
                                .x()
                        > 0
                ? Vec3.X.negated()
                : Vec3.X;
        List<Corner> wall = firewall(site, back);
        List<Lug> lugs = round(site.lugs(), site.cg());
        CradleDraft draft = new CradleDraft(site);
        List<String> ring = new ArrayList<>();
        double reach = reach(site, lugs, back, mountStyle, sections.get(Role.TIE));
        for (Lug lug : lugs) {
            Vec3 offset = back.times(reach);
            String seat = draft.byLug(lug, offset);
            draft.mount(lug, seat, back, mountStyle);
            ring.add(seat);
        }
        Section tube = sections.get(Role.TIE);
        int n = ring.size();
        for (int k = 0; k < n; k++) {
            String next = ring.get((k + 1) % n);
            boolean clear = draft.site().margin(draft.place(ring.get(k)), draft.place(next), Bearer.half(tube)) >= 0;
            if (clear) {
                draft.tube("ring " + (k + 1), Role.TIE, tube, ring.get(k), next);
            } else {
                draft.trouble("side " + (k + 1) + " of the ring is left open, the engine is in its way");
            }
        }
        if (n > 3) {
            draft.tube("ring brace", Role.TIE, tube, ring.get(0), ring.get(2));
        }
        List<Corner> corners = matched(draft, wall, ring, site.cg());
        for (int k = 0; k < n; k++) {
            draft.tube("leg " + (k + 1), Role.TIE, tube, corners.get(k).node(), ring.get(k));
        }
        for (int k = 0; k < n; k++) {
            brace(draft, corners, ring, k, tube);
        }
        return draft;
    }

    /** The least at which no side of the ring is too near to the engine; the clearest there is where none is. */
    private static double reach(Site site, List<Lug> lugs, Vec3 back, MountStyle mountStyle, Section tube) {
        double least = lugs.stream()
                .mapToDouble(lug -> Bearer.reach(lug, back, mountStyle, Bearer.half(tube)))
                .max()
                .orElseThrow();
        double best = least;
        double most = Double.NEGATIVE_INFINITY;
        for (double extra = 0; extra <= FARTHEST_OFF; extra += 0.005) {
            double margin = Double.POSITIVE_INFINITY;
            for (int k = 0; k < lugs.size(); k++) {
                Vec3 by = back.times(least + extra);
                Vec3 from = lugs.get(k).at().plus(by);
                Vec3 to = lugs.get((k + 1) % lugs.size()).at().plus(by);
                margin = Math.min(margin, site.margin(from, to, Bearer.half(tube)));
            }
            if (margin >= 0) {
                return least + extra;
            }
            if (margin > most) {
                most = margin;
                best = least + extra;
            }
        }
        return best;
    }

    /** Of a bay's two diagonals the clearer one. */
    private static void brace(CradleDraft draft, List<Corner> corners, List<String> ring, int k, Section tube) {
        int next = (k + 1) % ring.size();
        Corner here = corners.get(k);
        Corner there = corners.get(next);
        if (here.node().equals(there.node())) {
            return;
        }
        double one = draft.site().margin(here.at(), draft.place(ring.get(next)), Bearer.half(tube));
        double other = draft.site().margin(there.at(), draft.place(ring.get(k)), Bearer.half(tube));
        draft.tube(
                "brace " + (k + 1),
                Role.TIE,
                tube,
                one >= other ? here.node() : there.node(),
                one >= other ? ring.get(next) : ring.get(k));
    }

    /** The plane of host nodes nearest behind the lugs. */
    private static List<Corner> firewall(Site site, Vec3 back) throws CradleKind.NotHere {
        double lugs = site.lugs().stream()
                .mapToDouble(lug -> lug.at().dot(back))
                .max()
                .orElseThrow();
        List<Corner> behind = new ArrayList<>();
        site.job().host().nodes().forEach(node -> {
            Vec3 at = site.seating().node(node.id());
            if (at.dot(back) > lugs && at.dot(back) < lugs + FARTHEST) {
                behind.add(new Corner(node.id(), at));
            }
        });
        double nearest =
                behind.stream().mapToDouble(each -> each.at().dot(back)).min().orElse(0);
        List<Corner> wall = behind.stream()
                .filter(each -> each.at().dot(back) < nearest + SAME_PLANE)
                .toList();
        if (wall.size() < 3) {
            throw new CradleKind.NotHere("no firewall with three nodes stands behind the lugs");
        }
        return wall;
    }

    /** In order round the engine, seen along the machine. */
    private static List<Lug> round(List<Lug> lugs, Vec3 cg) {
        return lugs.stream()
                .sorted(Comparator.comparingDouble(
                        lug -> Math.atan2(lug.at().z() - cg.z(), lug.at().y() - cg.y())))
                .toList();
    }

    /** For each node of the ring the firewall corner that lies most in its direction. */
    private static List<Corner> matched(CradleDraft draft, List<Corner> wall, List<String> ring, Vec3 cg) {
        List<Corner> matched = new ArrayList<>();
        for (String node : ring) {
            Vec3 at = draft.place(node);
            matched.add(wall.stream()
                    .min(Comparator.comparingDouble(
                            each -> Math.hypot(each.at().y() - at.y(), each.at().z() - at.z())))
                    .orElseThrow());
        }
        return matched;
    }
}
