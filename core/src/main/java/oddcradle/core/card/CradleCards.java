package oddcradle.core.card;

import static oddcradle.core.card.Listed.named;
import static oddcradle.core.card.Listed.with;
import static oddcradle.core.card.Listed.without;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import oddcradle.core.card.Field.Column;
import oddcradle.core.card.Field.Named;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Cradle;
import oddcradle.core.job.cradle.Detail;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.cradle.MountChoices;
import oddcradle.core.job.cradle.TubeJoint;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.edit.CradleEdit;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.job.tube.Member;
import oddcradle.core.job.tube.Node;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.naming.Renaming;
import oddcradle.core.placement.Seating;
import oddcradle.core.units.Kind;

/** The cards of the cradle. */
final class CradleCards {
    private final Job job;
    private final Cradle cradle;
    private final List<Named> nodes;
    private final List<Named> bosses;
    private final List<Named> tubes;
    private final List<Card> cards = new ArrayList<>();

    private CradleCards(Job job) {
        this.job = job;
        this.cradle = job.cradle();
        this.nodes = Stream.concat(job.host().nodes().stream(), cradle.nodes().stream())
                .map(each -> new Named(each.id(), each.id()))
                .toList();
        this.bosses = named(job.donor().bosses(), Boss::id, Boss::label);
        this.tubes = named(cradle.members(), Member::id, Member::label);
    }

    static List<Card> of(Job job) {
        CradleCards of = new CradleCards(job);
        of.cradle();
        of.nodes();
        of.tubes();
        of.mounts();
        of.joints();
        of.details();
        return of.cards;
    }

    private void add(String kind, String id, String label, FieldsOf<?> fields, List<Deed> deeds) {
        cards.add(new Card(Step.CRADLE, kind, id, label, fields.list(), deeds));
    }

    private <T> FieldsOf<T> of(T value, Function<T, Cradle> with) {
        return new FieldsOf<>(value, other -> job.withCradle(with.apply(other)));
    }

    private void cradle() {
        FieldsOf<Cradle> of = of(cradle, other -> other)
                .several("nodes that may stand alone", nodes, Cradle::lone, Cradle::withLone)
                .yes("mounts packed with the engine", Cradle::packed, Cradle::withPacked);
        add("cradle", "", "", of, List.of());
    }

    private void nodes() {
        for (int k = 0; k < cradle.nodes().size(); k++) {
            int at = k;
            Node node = cradle.nodes().get(k);
            FieldsOf<Node> of = of(node, other -> cradle.withNodes(with(cradle.nodes(), at, other)))
                    .mark(node.id(), typed -> Renaming.ofNode(job, node.id(), typed));
            of.inner(Node::anchor, (each, anchor) -> new Node(each.id(), anchor), this::anchor);
            add("cradle node", node.id(), node.id(), of, anchored(node, at));
        }
    }

    /** Ways to hold a node where it stands now. */
    private List<Deed> anchored(Node node, int at) {
        Seating seating = Seating.of(job);
        Function<Anchor, Job> put =
                anchor -> job.withCradle(cradle.withNodes(with(cradle.nodes(), at, new Node(node.id(), anchor))));
        List<Deed> deeds = new ArrayList<>();
        if (!(node.anchor() instanceof Anchor.At)) {
            deeds.add(Deed.of("Fix it where it stands", () -> put.apply(new Anchor.At(seating.node(node.id())))));
        }
        if (!(node.anchor() instanceof Anchor.FromBoss) && !job.donor().bosses().isEmpty()) {
            deeds.add(Deed.of("Hang it on the nearest boss", () -> {
                Vec3 here = seating.node(node.id());
                Function<Boss, Vec3> seated = boss -> job.seat().pose().place(boss.position());
                Boss nearest = job.donor().bosses().stream()
                        .min(Comparator.comparingDouble(
                                boss -> seated.apply(boss).distanceTo(here)))
                        .orElseThrow();
                return put.apply(new Anchor.FromBoss(nearest.id(), here.minus(seated.apply(nearest))));
            }));
        }
        return deeds;
    }

    private void anchor(FieldsOf<Anchor> of) {
        if (of.value() instanceof Anchor.At point) {
            of.place("place", any -> point.point(), (any, at) -> new Anchor.At(at));
        } else if (of.value() instanceof Anchor.FromBoss hung) {
            of.choice(
                            "from the boss",
                            bosses,
                            any -> hung.boss(),
                            (any, boss) -> new Anchor.FromBoss(boss, hung.offset()))
                    .place("so far off", any -> hung.offset(), (any, off) -> new Anchor.FromBoss(hung.boss(), off));
        } else if (of.value() instanceof Anchor.OnMember landed) {
            of.choice(
                            "on the tube",
                            named(job.host().members(), Member::id, Member::label),
                            any -> landed.member(),
                            (any, tube) -> new Anchor.OnMember(tube, landed.near(), landed.offset()))
                    .choice(
                            "nearest to node",
                            nodes,
                            any -> landed.near(),
                            (any, near) -> new Anchor.OnMember(landed.member(), near, landed.offset()))
                    .place(
                            "moved by",
                            any -> landed.offset(),
                            (any, off) -> new Anchor.OnMember(landed.member(), landed.near(), off));
        }
    }

    private void tubes() {
        for (int k = 0; k < cradle.members().size(); k++) {
            int at = k;
            Member tube = cradle.members().get(k);
            TubeFields fields = new TubeFields(
                    job, nodes, other -> job.withCradle(cradle.withMembers(with(cradle.members(), at, other))));
            List<Deed> deeds = new ArrayList<>(fields.deeds(tube));
            deeds.add(Deed.simplyAway(() -> new CradleEdit.RemoveTube(tube.id()).applyTo(job)));
            FieldsOf<Member> of = fields.of(tube).mark(tube.id(), typed -> Renaming.ofBody(job, tube.id(), typed));
            add("cradle tube", tube.id(), tube.label(), of, deeds);
        }
    }

    private void mounts() {
        for (int k = 0; k < cradle.isolators().size(); k++) {
            int at = k;
            Isolator mount = cradle.isolators().get(k);
            FieldsOf<Isolator> of = of(mount, other -> cradle.withIsolators(with(cradle.isolators(), at, other)))
                    .choice("at the boss", bosses, Isolator::boss, Isolator::withBoss)
                    .choice("on the node", nodes, Isolator::node, Isolator::withNode)
                    .way("axis", Isolator::axis, Isolator::withAxis)
                    .inner(Isolator::element, Isolator::withElement, Elements::fields)
                    .measure("loss of its rubber", Kind.SHARE, Isolator::loss, Isolator::withLoss)
                    .inner(Isolator::choices, Isolator::withChoices, CradleCards::choices)
                    .mark(mount.id(), typed -> Renaming.ofMount(job, mount.id(), typed));
            String label = job.donor().boss(mount.boss()).map(Boss::label).orElse(mount.boss());
            add("mount", mount.id(), label, of, List.of(Deed.simplyAway(() -> new CradleEdit.RemoveMount(mount.id())
                    .applyTo(job))));
        }
    }

    private static void choices(FieldsOf<MountChoices> of) {
        of.words("thread, empty: as worked out", MountChoices::thread, MountChoices::withThread);
        for (MountChoices.Item item : MountChoices.Item.values()) {
            of.row(
                    item.words() + ", empty: as worked out",
                    Kind.LENGTH,
                    each -> Optional.ofNullable(each.decided().get(item)).stream()
                            .toList(),
                    (each, row) -> each.withDecided(decided(each.decided(), item, row)));
        }
    }

    private static Map<MountChoices.Item, Double> decided(
            Map<MountChoices.Item, Double> before, MountChoices.Item item, List<Double> row) {
        if (row.size() > 1) {
            throw new InvalidValue(item.words(), "is " + row.size() + " numbers, must be one or none");
        }
        Map<MountChoices.Item, Double> after = new EnumMap<>(MountChoices.Item.class);
        after.putAll(before);
        after.remove(item);
        row.forEach(size -> after.put(item, size));
        return after;
    }

    private void joints() {
        for (int k = 0; k < cradle.joints().size(); k++) {
            int at = k;
            TubeJoint joint = cradle.joints().get(k);
            FieldsOf<TubeJoint> of = of(joint, other -> cradle.withJoints(with(cradle.joints(), at, other)))
                    .choice("tube", tubes, TubeJoint::member, TubeJoint::withMember)
                    .choice("its end at node", nodes, TubeJoint::node, TubeJoint::withNode)
                    .one("held", TubeJoint.Kind.values(), TubeJoint.Kind::word, TubeJoint::kind, TubeJoint::withKind)
                    .words("thread", TubeJoint::thread, TubeJoint::withThread)
                    .table(
                            "sleeve inside, empty: none",
                            List.of(new Column("diameter", Kind.LENGTH), new Column("length", Kind.LENGTH)),
                            each -> each.sleeve()
                                    .map(sleeve -> List.of(List.of(sleeve.od(), sleeve.length())))
                                    .orElse(List.of()),
                            (each, rows) -> each.withSleeve(rows.stream()
                                    .findFirst()
                                    .map(row -> new TubeJoint.InnerSleeve(row.get(0), row.get(1)))))
                    .wayIfKnown("way of the bolt, empty: level across", TubeJoint::bolt, TubeJoint::withBolt);
            String label = job.label(joint.member()).orElse(joint.member()) + " at " + joint.node();
            add(
                    "joint",
                    Listed.number(k),
                    label,
                    of,
                    List.of(Deed.simplyAway(() -> job.withCradle(cradle.withJoints(without(cradle.joints(), at))))));
        }
    }

    private void details() {
        Set<String> marks = cradle.details().stream().map(Detail::id).collect(Collectors.toSet());
        for (int k = 0; k < cradle.details().size(); k++) {
            int at = k;
            Detail detail = cradle.details().get(k);
            add(
                    "detail",
                    detail.id(),
                    DetailFields.kind(detail) + " " + detail.id(),
                    new DetailFields(nodes, bosses, tubes).of(detail, other -> {
                        Renaming.requireFree("detail", detail.id(), other.id(), marks);
                        return job.withCradle(cradle.withDetails(with(cradle.details(), at, other)));
                    }),
                    List.of(Deed.simplyAway(() -> new CradleEdit.RemoveDetail(detail.id()).applyTo(job))));
        }
    }
}
