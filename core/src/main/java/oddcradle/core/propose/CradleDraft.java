package oddcradle.core.propose;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import oddcradle.core.drive.JackShaft;
import oddcradle.core.drive.Stage;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.body.Part;
import oddcradle.core.job.cradle.Cradle;
import oddcradle.core.job.cradle.Detail;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.cradle.TubeJoint;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.job.tube.Member;
import oddcradle.core.job.tube.Node;
import oddcradle.core.material.Material;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.Section;

/** A cradle on the drawing board: gathers nodes and tubes and gives them names. */
final class CradleDraft {
    private static final double APART = Math.toRadians(25);

    private final Site site;
    private final String material;
    private final List<Node> nodes = new ArrayList<>();
    private final List<Member> members = new ArrayList<>();
    private final List<Isolator> isolators = new ArrayList<>();
    private final List<TubeJoint> joints = new ArrayList<>();
    private final List<Detail> details = new ArrayList<>();
    private final Map<String, Vec3> places = new LinkedHashMap<>();
    private final Map<String, Role> roles = new HashMap<>();
    private final Set<String> taken = new HashSet<>();
    private final List<String> troubles = new ArrayList<>();
    private String thread = "";

    CradleDraft(Site site) {
        this.site = site;
        Job job = site.job();
        this.material = steel(job);
        job.host().nodes().forEach(node -> taken.add(node.id()));
        Stream.of(
                        job.host().members().stream().map(Member::id),
                        job.host().keepOuts().stream().map(KeepOut::id),
                        job.donor().bodies().stream().map(Part::id),
                        job.line().stages().stream().map(Stage::id),
                        job.line().shafts().stream().map(JackShaft::id))
                .flatMap(ids -> ids)
                .forEach(taken::add);
    }

    /** What most host tubes are of where that loses nothing to a weld; else the strongest steel that does not. */
    private static String steel(Job job) {
        String usual = usual(job);
        List<Material> sound = job.materials().stream()
                .filter(each -> !each.isLightAlloy() && each.yieldBesideWeld() >= each.yieldStrength())
                .sorted(Comparator.comparingDouble(Material::yieldStrength).reversed())
                .toList();
        boolean keeps =
                sound.isEmpty() || sound.stream().anyMatch(each -> each.name().equals(usual));
        return keeps ? usual : sound.get(0).name();
    }

    private static String usual(Job job) {
        Map<String, Integer> counts = new LinkedHashMap<>();
        for (Material each : job.materials()) {
            if (!each.isLightAlloy()) {
                counts.put(each.name(), 0);
            }
        }
        job.host().members().forEach(member -> counts.computeIfPresent(member.material(), (name, n) -> n + 1));
        return counts.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey)
                .orElse(job.materials().get(0).name());
    }

    Site site() {
        return site;
    }

    /** What could not be done as this kind would have it. */
    List<String> troubles() {
        return troubles;
    }

    void trouble(String words) {
        troubles.add(words);
    }

    private String name(String start) {
        int number = 1;
        while (!taken.add(start + number)) {
            number++;
        }
        return start + number;
    }

    private String node(String start, Anchor anchor, Vec3 at) {
        String id = name(start);
        nodes.add(new Node(id, anchor));
        places.put(id, at);
        return id;
    }

    /** A node that goes with a lug. */
    String byLug(Lug lug, Vec3 offset) {
        return node("S", new Anchor.FromBoss(lug.id(), offset), lug.at().plus(offset));
    }

    /** The end of a tube on a host tube; it stays the nearest point to the other end as that moves. */
    String landed(Landing landing, String near) {
        return node(
                "P",
                new Anchor.OnMember(landing.host().id(), near, landing.at().minus(places.get(near))),
                landing.at());
    }

    /** Where a node of this draft or of the job stands, host axes, m. */
    Vec3 place(String node) {
        return places.containsKey(node) ? places.get(node) : site.seating().node(node);
    }

    String tube(String label, Role role, Section section, String... through) {
        String id = name("C");
        members.add(Member.sound(id, label, List.of(through), section, material));
        roles.put(id, role);
        return id;
    }

    /** Whether a new tube from a node would leave those that end there well apart. */
    boolean isApart(String node, Vec3 to) {
        Vec3 way = to.minus(place(node));
        for (Member member : members) {
            int at = member.nodes().indexOf(node);
            if (at >= 0) {
                String other = member.nodes().get(at == 0 ? 1 : at - 1);
                if (place(other).minus(place(node)).angleTo(way) < APART) {
                    return false;
                }
            }
        }
        return true;
    }

    /** The thinnest host tube that tubes of a role land on: the widest they may be, m; infinite where none lands. */
    double widest(Role role) {
        double widest = Double.POSITIVE_INFINITY;
        for (Member member : members) {
            if (roles.get(member.id()) == role) {
                for (Node node : nodes) {
                    if (node.anchor() instanceof Anchor.OnMember landing
                            && member.nodes().contains(node.id())) {
                        Member host = site.job().host().member(landing.member()).orElseThrow();
                        widest = Math.min(widest, host.section().outerRadius());
                    }
                }
            }
        }
        return widest;
    }

    void mount(Lug lug, String node, Vec3 axis, MountStyle mountStyle) {
        isolators.add(new Isolator(
                "M" + (isolators.size() + 1), lug.id(), node, axis.unit(), mountStyle.element(), mountStyle.loss()));
    }

    void join(String member, String node, TubeJoint.Kind kind) {
        joints.add(TubeJoint.of(member, node, kind, thread));
    }

    void bolt(String designation) {
        thread = designation;
    }

    void add(Detail detail) {
        details.add(detail);
    }

    String detailName(String start) {
        return start + (details.size() + 1);
    }

    /** Steel that lands on alloy is bolted round it. */
    void clampOnAlloy() {
        for (Node node : nodes) {
            if (node.anchor() instanceof Anchor.OnMember onMember) {
                Member host = site.job().host().member(onMember.member()).orElseThrow();
                if (site.isLightAlloy(host)) {
                    details.add(new Detail.ClampPad(detailName("K"), node.id(), 0.09, 0.005, "M8", 4, true));
                }
            }
        }
    }

    /** With one lug left free, where three points are wanted. */
    void leaveFree(String boss) {
        isolators.removeIf(each -> each.boss().equals(boss));
    }

    /** Another axis for the mounts of some lugs. */
    void turnMounts(List<Lug> row, Vec3 axis) {
        List<String> ids = row.stream().map(Lug::id).toList();
        isolators.replaceAll(each -> ids.contains(each.boss())
                ? new Isolator(each.id(), each.boss(), each.node(), axis, each.element(), each.loss())
                : each);
    }

    List<Isolator> isolators() {
        return isolators;
    }

    Map<String, Role> roles() {
        return roles;
    }

    Cradle cradle() {
        return new Cradle(nodes, members, isolators, joints, details, List.of(), false);
    }
}
