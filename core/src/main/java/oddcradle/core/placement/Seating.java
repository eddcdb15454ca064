package oddcradle.core.placement;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import oddcradle.core.geometry.RoundedPath;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.job.tube.Member;
import oddcradle.core.job.tube.Node;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.MassProperties;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.mechanics.SmallMotion;

/**
 * Where everything is once the donor sits in its seat; host axes, m.
 *
 * @param bosses middles of the donor's bosses, by id
 * @param nodes of host and cradle, by id
 * @param hostNodes ids of those that are the host's
 * @param tubes of host and cradle, by id
 * @param landings for each cradle node that lands on a host tube the tube's id
 * @param mass of the donor
 * @param driverCentre middle of the donor's output
 * @param driverAxis unit
 */
public record Seating(
        Pose pose,
        Map<String, Vec3> bosses,
        Map<String, Vec3> nodes,
        Set<String> hostNodes,
        Map<String, Member> tubes,
        Map<String, String> landings,
        MassProperties mass,
        Vec3 driverCentre,
        Vec3 driverAxis) {
    private static final double SAME_PLACE = 1e-9;
    private static final int PIECES_PER_BEND = 8;

    public Seating {
        bosses = Map.copyOf(bosses);
        nodes = Map.copyOf(nodes);
        hostNodes = Set.copyOf(hostNodes);
        tubes = Map.copyOf(tubes);
        landings = Map.copyOf(landings);
    }

    public static Seating of(Job job) {
        return new Places(job).seating();
    }

    /** Where the donor stands when it moves about its centre of gravity, that many times as far. */
    public Pose moved(SmallMotion motion, double magnified) {
        return new SmallMotion(mass.cg(), motion.shift(), motion.turn())
                .times(magnified)
                .moved(pose);
    }

    /** The places while they are worked out: a node may hang on another. */
    private static final class Places {
        private final Job job;
        private final Pose pose;
        private final Map<String, Vec3> bosses = new HashMap<>();
        private final Map<String, Vec3> nodes = new HashMap<>();
        private final Set<String> hostNodes = new HashSet<>();
        private final Map<String, Member> tubes = new HashMap<>();
        private final Map<String, String> landings = new HashMap<>();

        Places(Job job) {
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

        Seating seating() {
            return new Seating(
                    pose,
                    bosses,
                    nodes,
                    hostNodes,
                    tubes,
                    landings,
                    job.donor().mass().placed(pose),
                    pose.place(job.donor().output().centre()),
                    pose.turn(job.donor().output().axis()).unit());
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
                List<Vec3> path = tubes.get(onMember.member()).nodes().stream()
                        .map(nodes::get)
                        .toList();
                position = PathPoint.nearest(path, near.plus(onMember.offset()));
            }
            nodes.put(node.id(), position);
            return position;
        }
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

    /** The middle of a tube as it is bent, arcs as short straight pieces. */
    public List<Vec3> centreLine(Member member) {
        List<Vec3> path = path(member);
        for (int k = 1; k < path.size(); k++) {
            if (path.get(k).distanceTo(path.get(k - 1)) < SAME_PLACE) {
                return path;
            }
        }
        return member.bend() == 0 ? path : RoundedPath.of(path, member.bend(), PIECES_PER_BEND);
    }
}
