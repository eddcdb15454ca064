package oddcradle.core.card;

import static oddcradle.core.card.Listed.named;
import static oddcradle.core.card.Listed.plus;
import static oddcradle.core.card.Listed.with;
import static oddcradle.core.card.Listed.without;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import oddcradle.core.begin.FloorMeasure;
import oddcradle.core.begin.MachineFamily;
import oddcradle.core.begin.Replanned;
import oddcradle.core.card.Field.Named;
import oddcradle.core.drawn.DrawnFrame;
import oddcradle.core.drawn.TubePieces;
import oddcradle.core.finding.Step;
import oddcradle.core.frame.input.Fixity;
import oddcradle.core.geometry.motion.Motion;
import oddcradle.core.job.FreeMark;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.host.Foot;
import oddcradle.core.job.host.FrameSquare;
import oddcradle.core.job.host.HardPoint;
import oddcradle.core.job.host.Host;
import oddcradle.core.job.host.HostMass;
import oddcradle.core.job.host.HostPlan;
import oddcradle.core.job.host.MachineWeight;
import oddcradle.core.job.host.Support;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.job.tube.Member;
import oddcradle.core.job.tube.Node;
import oddcradle.core.math.Vec3;
import oddcradle.core.mounting.BondedPad;
import oddcradle.core.mounting.Elastomer;
import oddcradle.core.naming.Renaming;
import oddcradle.core.removal.Removal;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;

/** The cards of the machine that the donor goes into. */
final class HostCards {
    private final Job job;
    private final Host host;
    private final List<Named> nodes;
    private final List<Card> cards = new ArrayList<>();

    private HostCards(Job job) {
        this.job = job;
        this.host = job.host();
        this.nodes = named(host.nodes(), Node::id, Node::id);
    }

    static List<Card> of(Job job) {
        HostCards of = new HostCards(job);
        of.machine();
        of.nodes();
        of.tubes();
        of.supports();
        of.keepOuts();
        of.hardPoints();
        of.squares();
        of.masses();
        of.cards.addAll(
                new SurveyCards(Step.HOST, "", of.host.survey(), survey -> job.withHost(of.host.withSurvey(survey)))
                        .all());
        of.host
                .scan()
                .ifPresent(scan -> of.add(
                        "scan",
                        "",
                        scan.file(),
                        DonorCards.scan(
                                of.of(scan, other -> of.host.withScan(Optional.of(other))), of.nodes, of.host.survey()),
                        List.of(Deed.simplyAway(() -> job.withHost(of.host.withScan(Optional.empty()))))));
        return of.cards;
    }

    private void add(String kind, String id, String label, FieldsOf<?> fields, List<Deed> deeds) {
        cards.add(new Card(Step.HOST, kind, id, label, fields.list(), deeds));
    }

    private <T> FieldsOf<T> of(T value, Function<T, Host> with) {
        return new FieldsOf<>(value, other -> job.withHost(with.apply(other)));
    }

    private void machine() {
        FieldsOf<Host> of = of(host, other -> other).words("called", Host::name, Host::withName);
        MachineFamily.stillPlanned(host).ifPresent(plan -> size(of, plan));
        List<Deed> deeds = new ArrayList<>();
        host.weight()
                .ifPresentOrElse(
                        weight -> {
                            weight(of(weight, other -> host.withWeight(Optional.of(other))));
                        },
                        () -> deeds.add(Deed.of(
                                "Write its weight down",
                                () -> job.withHost(
                                        host.withWeight(Optional.of(new MachineWeight(200, Vec3.X.times(0.5))))))));
        add("machine", "", host.name(), of, deeds);
    }

    private void size(FieldsOf<Host> of, HostPlan plan) {
        MachineFamily family = MachineFamily.find(plan.family()).orElseThrow();
        for (FloorMeasure each : family.measures()) {
            double now = plan.measures().getOrDefault(each.id(), each.usual());
            of.add(new Field.Measure(
                    each.label(),
                    Quantity.length(now),
                    typed -> job.withHost(Replanned.of(host, plan.with(each.id(), typed)))));
        }
    }

    private void weight(FieldsOf<MachineWeight> of) {
        of.measure("mass without the engine", Kind.MASS, MachineWeight::mass, MachineWeight::withMass)
                .place("centre of gravity", MachineWeight::cg, MachineWeight::withCg);
        add(
                "weight of the machine",
                "",
                "",
                of,
                List.of(Deed.simplyAway(() -> job.withHost(host.withWeight(Optional.empty())))));
    }

    private void nodes() {
        for (int k = 0; k < host.nodes().size(); k++) {
            int at = k;
            Node node = host.nodes().get(k);
            FieldsOf<Node> of = of(node, other -> host.withNodes(with(host.nodes(), at, other)));
            of.mark(node.id(), typed -> Renaming.ofNode(job, node.id(), typed));
            of.place(
                    "place",
                    each -> ((Anchor.At) each.anchor()).point(),
                    (each, place) -> new Node(each.id(), new Anchor.At(place)));
            add("node", node.id(), node.id(), of, List.of(Deed.away(() -> Removal.ofNode(job, node.id()))));
        }
    }

    private void tubes() {
        for (int k = 0; k < host.members().size(); k++) {
            int at = k;
            Member tube = host.members().get(k);
            TubeFields fields = new TubeFields(
                    job, nodes, other -> job.withHost(host.withMembers(with(host.members(), at, other))));
            FieldsOf<Member> of = fields.of(tube);
            of.mark(tube.id(), typed -> Renaming.ofBody(job, tube.id(), typed));
            of.add(copies(tube));
            List<Deed> deeds = new ArrayList<>(fields.deeds(tube));
            deeds.addAll(pieces(tube));
            deeds.add(Deed.away(() -> {
                Removal away = Removal.ofTube(job, tube.id());
                // The tube itself leads the list of what goes.
                return new Removal(
                        away.job(),
                        away.along().stream()
                                .filter(each -> !each.equals(tube.label()))
                                .toList());
            }));
            add("tube", tube.id(), tube.label(), of, deeds);
        }
    }

    /** An action, not a value: it is empty again once the copies are made. */
    private Field.Table copies(Member tube) {
        List<Field.Column> columns = List.of(
                new Field.Column("copies", Kind.COUNT),
                new Field.Column("each further forward", Kind.LENGTH),
                new Field.Column("left", Kind.LENGTH),
                new Field.Column("up", Kind.LENGTH));
        return new Field.Table("a row of copies", columns, List.of(), rows -> {
            Host with = host;
            for (List<Double> row : rows) {
                with = DrawnFrame.copies(
                        job.withHost(with),
                        tube.id(),
                        (int) Math.rint(row.get(0)),
                        new Vec3(row.get(1), row.get(2), row.get(3)));
            }
            return job.withHost(with);
        });
    }

    private List<Deed> pieces(Member tube) {
        List<Deed> deeds = new ArrayList<>();
        deeds.add(Deed.of("Put a node in its middle", () -> job.withHost(DrawnFrame.withMiddle(job, tube.id()))));
        for (String node : tube.nodes().subList(1, tube.nodes().size() - 1)) {
            deeds.add(Deed.of(
                    "Cut it in two at " + node,
                    () -> TubePieces.cut(job, tube.id(), node, FreeMark.of("H", job.ids()))));
        }
        for (Member other : TubePieces.joinable(job, tube.id())) {
            deeds.add(
                    Deed.of("Make it one with " + other.label(), () -> TubePieces.joined(job, tube.id(), other.id())));
        }
        return deeds;
    }

    private void supports() {
        for (int k = 0; k < host.supports().size(); k++) {
            int at = k;
            Support support = host.supports().get(k);
            FieldsOf<Support> of = of(support, other -> host.withSupports(with(host.supports(), at, other)))
                    .choice(
                            "at node",
                            nodes,
                            Support::node,
                            (each, node) -> new Support(node, each.fix(), each.foot()));
            for (Hold hold : Hold.values()) {
                of.yes(
                        hold.words,
                        each -> hold.of(each.fix()),
                        (each, held) -> new Support(each.node(), hold.with(each.fix(), held), each.foot()));
            }
            List<Deed> deeds = new ArrayList<>();
            if (support.foot().isPresent()) {
                of.inner(
                        each -> each.foot().orElseThrow(),
                        (each, foot) -> each.withFoot(Optional.of(foot)),
                        foot -> foot.inner(Foot::element, Foot::withElement, Elements::fields)
                                .measure("loss of its rubber", Kind.SHARE, Foot::loss, Foot::withLoss));
                deeds.add(Deed.of(
                        "Take the foot away",
                        () -> job.withHost(
                                host.withSupports(with(host.supports(), at, support.withFoot(Optional.empty()))))));
            } else {
                deeds.add(Deed.of(
                        "Put a rubber foot under it",
                        () -> job.withHost(host.withSupports(with(
                                host.supports(),
                                at,
                                support.withFoot(Optional.of(
                                        new Foot(new BondedPad(0.05, 0.04, 50, Elastomer.RUBBER), 0.1))))))));
            }
            deeds.add(Deed.simplyAway(() -> job.withHost(host.withSupports(without(host.supports(), at)))));
            add("support", Listed.number(k), support.node(), of, deeds);
        }
    }

    /** What a support may hold, in the order of the record. */
    private enum Hold {
        X("holds forward"),
        Y("holds left"),
        Z("holds up"),
        RX("holds roll"),
        RY("holds pitch"),
        RZ("holds yaw");

        private final String words;

        Hold(String words) {
            this.words = words;
        }

        private static boolean[] all(Fixity fix) {
            return new boolean[] {fix.x(), fix.y(), fix.z(), fix.rx(), fix.ry(), fix.rz()};
        }

        private boolean of(Fixity fix) {
            return all(fix)[ordinal()];
        }

        private Fixity with(Fixity fix, boolean held) {
            boolean[] all = all(fix);
            all[ordinal()] = held;
            return new Fixity(all[0], all[1], all[2], all[3], all[4], all[5]);
        }
    }

    private void keepOuts() {
        for (int k = 0; k < host.keepOuts().size(); k++) {
            int at = k;
            KeepOut keepOut = host.keepOuts().get(k);
            Function<KeepOut, Job> put = other -> job.withHost(host.withKeepOuts(with(host.keepOuts(), at, other)));
            FieldsOf<KeepOut> of = new FieldsOf<>(keepOut, put)
                    .words("called", KeepOut::label, KeepOut::withLabel)
                    .one("is", Category.values(), Category::word, KeepOut::category, KeepOut::withCategory);
            Shapes.fields(of, KeepOut::solids, KeepOut::withSolids);
            of.each(KeepOut::motions, KeepOut::withMotions, HostCards::motion);
            of.mark(keepOut.id(), typed -> Renaming.ofBody(job, keepOut.id(), typed));
            List<Deed> deeds =
                    new ArrayList<>(Shapes.deeds(keepOut.solids(), solids -> put.apply(keepOut.withSolids(solids))));
            deeds.add(Deed.of(
                    "Let it turn",
                    () -> put.apply(keepOut.withMotions(plus(
                            keepOut.motions(),
                            new Motion.Turn(keepOut.solids().get(0).centre(), Vec3.Z, -0.3, 0.3))))));
            deeds.add(Deed.of(
                    "Let it slide",
                    () -> put.apply(keepOut.withMotions(plus(keepOut.motions(), new Motion.Slide(Vec3.Z, 0, 0.05))))));
            for (int m = 0; m < keepOut.motions().size(); m++) {
                int gone = m;
                deeds.add(Deed.of(
                        "Take movement " + (m + 1) + " away",
                        () -> put.apply(keepOut.withMotions(without(keepOut.motions(), gone)))));
            }
            deeds.add(Deed.of(
                    Twins.WORDS,
                    () -> job.withHost(host.withKeepOuts(plus(
                            host.keepOuts(),
                            new KeepOut(
                                    FreeMark.of("K", job.ids()),
                                    Twins.name(keepOut.label()),
                                    keepOut.category(),
                                    Twins.of(keepOut.solids()),
                                    keepOut.motions().stream().map(Twins::of).toList()))))));
            deeds.add(Deed.away(() -> Removal.ofKeepOut(job, keepOut.id())));
            add("keep-out", keepOut.id(), keepOut.label(), of, deeds);
        }
    }

    private static FieldsOf<Motion> motion(FieldsOf<Motion> of, int number) {
        String name = "movement " + (number + 1);
        if (of.value() instanceof Motion.Turn turn) {
            return of.place(name + " turns at", any -> turn.point(), (any, at) -> turn.withPoint(at))
                    .way(name + " about", any -> turn.axis(), (any, axis) -> turn.withAxis(axis))
                    .angle(name + " from", Motion::from, (any, from) -> turn.withFrom(from))
                    .angle(name + " to", Motion::to, (any, to) -> turn.withTo(to));
        }
        Motion.Slide slide = (Motion.Slide) of.value();
        return of.way(name + " slides", any -> slide.direction(), (any, way) -> slide.withDirection(way))
                .length(name + " from", Motion::from, (any, from) -> slide.withFrom(from))
                .length(name + " to", Motion::to, (any, to) -> slide.withTo(to));
    }

    private void hardPoints() {
        for (int k = 0; k < host.hardPoints().size(); k++) {
            int at = k;
            HardPoint point = host.hardPoints().get(k);
            FieldsOf<HardPoint> of = of(point, other -> host.withHardPoints(with(host.hardPoints(), at, other)))
                    .words("called", HardPoint::label, HardPoint::withLabel)
                    .choice("at node", nodes, HardPoint::node, HardPoint::withNode);
            add(
                    "hard point",
                    point.id(),
                    point.label(),
                    of,
                    List.of(Deed.simplyAway(() -> job.withHost(host.withHardPoints(without(host.hardPoints(), at))))));
        }
    }

    private void squares() {
        for (int k = 0; k < host.squares().size(); k++) {
            int at = k;
            FrameSquare square = host.squares().get(k);
            FieldsOf<FrameSquare> of = of(square, other -> host.withSquares(with(host.squares(), at, other)))
                    .words("called", FrameSquare::label, FrameSquare::withLabel)
                    .several("corners, in order round", nodes, FrameSquare::corners, FrameSquare::withCorners);
            add(
                    "square",
                    square.id(),
                    square.label(),
                    of,
                    List.of(Deed.simplyAway(() -> job.withHost(host.withSquares(without(host.squares(), at))))));
        }
    }

    private void masses() {
        for (int k = 0; k < host.masses().size(); k++) {
            int at = k;
            HostMass mass = host.masses().get(k);
            FieldsOf<HostMass> of = of(mass, other -> host.withMasses(with(host.masses(), at, other)))
                    .words("called", HostMass::label, HostMass::withLabel)
                    .one("is", HostMass.Sort.values(), HostMass.Sort::words, HostMass::sort, HostMass::withSort)
                    .measure("mass", Kind.MASS, HostMass::mass, HostMass::withMass)
                    .place("centre of gravity", HostMass::at, HostMass::withAt)
                    .several("carried by nodes", nodes, HostMass::nodes, HostMass::withNodes)
                    .yes("was on the scales", HostMass::weighed, HostMass::withWeighed);
            add(
                    "load",
                    mass.id(),
                    mass.label(),
                    of,
                    List.of(Deed.simplyAway(() -> job.withHost(host.withMasses(without(host.masses(), at))))));
        }
    }

    /** What can be added to the host. */
    static List<Deed> additions(Job job) {
        Host host = job.host();
        List<Deed> deeds = new ArrayList<>();
        deeds.add(Deed.of(
                "a keep-out",
                () -> job.withHost(host.withKeepOuts(plus(
                        host.keepOuts(),
                        KeepOut.still(
                                FreeMark.of("K", job.ids()),
                                "new keep-out",
                                Category.FIXED,
                                List.of(Shapes.box(job.seat().position()))))))));
        deeds.add(Deed.of(
                "a load",
                () -> job.withHost(host.withMasses(plus(
                        host.masses(),
                        new HostMass(
                                FreeMark.of(
                                        "W",
                                        host.masses().stream().map(HostMass::id).toList()),
                                "new load",
                                HostMass.Sort.CARGO,
                                10,
                                job.seat().position(),
                                List.of(),
                                false))))));
        Map<String, Vec3> places = host.places();
        if (!places.isEmpty()) {
            String first = places.keySet().iterator().next();
            deeds.add(Deed.of(
                    "a hard point",
                    () -> job.withHost(host.withHardPoints(plus(
                            host.hardPoints(),
                            new HardPoint(
                                    FreeMark.of(
                                            "HP",
                                            host.hardPoints().stream()
                                                    .map(HardPoint::id)
                                                    .toList()),
                                    "new hard point",
                                    first))))));
            places.keySet().stream()
                    .filter(node -> host.supports().stream()
                            .noneMatch(each -> each.node().equals(node)))
                    .findFirst()
                    .ifPresent(node -> deeds.add(Deed.of(
                            "a support",
                            () -> job.withHost(
                                    host.withSupports(plus(host.supports(), new Support(node, Fixity.POSITION)))))));
        }
        if (places.size() >= 4) {
            List<String> corners = places.keySet().stream().limit(4).toList();
            deeds.add(Deed.of(
                    "a square",
                    () -> job.withHost(host.withSquares(plus(
                            host.squares(),
                            new FrameSquare(
                                    FreeMark.of(
                                            "Q",
                                            host.squares().stream()
                                                    .map(FrameSquare::id)
                                                    .toList()),
                                    "new square",
                                    corners))))));
        }
        deeds.addAll(new SurveyCards(Step.HOST, "", host.survey(), survey -> job.withHost(host.withSurvey(survey)))
                .additions());
        return deeds;
    }
}
