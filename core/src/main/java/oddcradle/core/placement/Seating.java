package oddcradle.core.placement;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import oddcradle.core.geometry.MemberSolid;
import oddcradle.core.geometry.Solid;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.edit.Side;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.job.tube.Member;
import oddcradle.core.job.tube.Node;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.MassProperties;
import oddcradle.core.mechanics.Pose;

/** Where everything is once the donor sits in its seat; host axes, m. */
public final class Seating {
    private final Job job;
    private final Pose pose;
    private final Map<String, Vec3> bosses = new HashMap<>();
    private final Map<String, Vec3> nodes = new HashMap<>();
    private final Set<String> hostNodes = new HashSet<>();
    private final Map<String, Member> tubes = new HashMap<>();
    private final Map<String, String> landings = new HashMap<>();

    private Seating(Job job) {
        this.job = job;
        this.pose = job.seat().pose();
        for (Boss boss : job.donor().bosses()) {
            bosses.put(boss.id(), pose.place(boss.position()));
        }
        job.host().members().forEach(tube -> tubes.put(tube.id(), tube));
        job.cradle().members().forEach(tube -> tubes.put(tube.id(), tube));
        for (Node node : job.host().nodes()) {
            nodes.put(node.id(), ((Anchor.At) node.anchor()).point());
            hostNodes.add(node.id());
        }
        Map<String, Node> cradle = new HashMap<>();
        job.cradle().nodes().forEach(node -> cradle.put(node.id(), node));
        job.cradle().nodes().forEach(node -> resolve(node, cradle));
    }

    public static Seating of(Job job) {
        return new Seating(job);
    }

    private Vec3 resolve(Node node, Map<String, Node> cradle) {
        Vec3 known = nodes.get(node.id());
        if (known != null) {
            return known;
        }
        Anchor anchor = node.anchor();
        Vec3 position;
        if (anchor instanceof Anchor.At at) {
            position = at.point();
        } else if (anchor instanceof Anchor.FromBoss fromBoss) {
            position = bosses.get(fromBoss.boss()).plus(fromBoss.offset());
        } else {
            Anchor.OnMember onMember = (Anchor.OnMember) anchor;
            Vec3 near = nodes.containsKey(onMember.near())
                    ? nodes.get(onMember.near())
                    : resolve(cradle.get(onMember.near()), cradle);
            landings.put(node.id(), onMember.member());
            position = closestOn(tubes.get(onMember.member()), near.plus(onMember.offset()));
        }
        nodes.put(node.id(), position);
        return position;
    }

    private Vec3 closestOn(Member member, Vec3 point) {
        return PathPoint.nearest(path(member), point);
    }

    public Pose pose() {
        return pose;
    }

    /** A node of host or cradle. */
    public Vec3 node(String id) {
        return nodes.get(id);
    }

    public Vec3 boss(String id) {
        return bosses.get(id);
    }

    public boolean isHostNode(String id) {
        return hostNodes.contains(id);
    }

    /** A tube of host or cradle. */
    public Member tube(String id) {
        return tubes.get(id);
    }

    /** The host tube that a cradle node lands on; empty if it lands on none. */
    public Optional<Member> landing(String node) {
        return Optional.ofNullable(landings.get(node)).map(tubes::get);
    }

    /** A tube's nodes in order. */
    public List<Vec3> path(Member member) {
        return member.nodes().stream().map(this::node).toList();
    }

    /** The surfaces a scanner would see of one body, in its own axes: the parts of the donor, the tubes of the host. */
    public List<Solid> solids(Side side) {
        List<Solid> solids = new ArrayList<>();
        if (side == Side.DONOR) {
            job.donor().bodies().forEach(part -> solids.addAll(part.solids()));
            return solids;
        }
        for (Member member : job.host().members()) {
            List<Vec3> path = path(member);
            for (int k = 1; k < path.size(); k++) {
                solids.add(MemberSolid.between(path.get(k - 1), path.get(k), member.section()));
            }
        }
        return solids;
    }

    /** Donor's mass in host axes. */
    public MassProperties mass() {
        return job.donor().mass().placed(pose);
    }

    public Vec3 driverCentre() {
        return pose.place(job.donor().output().centre());
    }

    public Vec3 driverAxis() {
        return pose.turn(job.donor().output().axis()).unit();
    }
}
