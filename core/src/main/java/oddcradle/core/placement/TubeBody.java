package oddcradle.core.placement;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.geometry.MemberSolid;
import oddcradle.core.geometry.Solid;
import oddcradle.core.job.Job;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;

/** The room a cradle tube takes. */
public final class TubeBody {
    private TubeBody() {}

    /** Without what its ends reach into the tubes they are joined to. */
    public static List<Solid> betweenJoints(Job job, Seating seating, Member bar) {
        List<Vec3> path = seating.centreLine(bar);
        List<Solid> pieces = new ArrayList<>();
        for (int k = 1; k < path.size(); k++) {
            if (path.get(k).distanceTo(path.get(k - 1)) < 1e-9) {
                continue;
            }
            Vec3 along = path.get(k).minus(path.get(k - 1)).unit();
            Vec3 from = k == 1 ? path.get(0).plus(along.times(reach(job, seating, bar, bar.first()))) : path.get(k - 1);
            Vec3 to = k == path.size() - 1
                    ? path.get(k).minus(along.times(reach(job, seating, bar, bar.last())))
                    : path.get(k);
            if (to.minus(from).dot(along) > 0) {
                pieces.add(MemberSolid.between(from, to, bar.section()));
            }
        }
        return pieces;
    }

    /** How deep a joint hides the end, m. */
    private static double reach(Job job, Seating seating, Member bar, String node) {
        double reach =
                seating.landing(node).map(host -> host.section().outerRadius()).orElse(0.0);
        List<Member> others = new ArrayList<>(job.cradle().members());
        others.addAll(job.host().members());
        for (Member other : others) {
            if (other != bar && other.nodes().contains(node)) {
                reach = Math.max(reach, other.section().outerRadius());
            }
        }
        return reach > 0 ? reach + bar.section().outerRadius() : 0;
    }
}
