package oddcradle.core.card;

import static oddcradle.core.card.Listed.named;
import static oddcradle.core.card.Listed.plus;
import static oddcradle.core.card.Listed.with;
import static oddcradle.core.card.Listed.without;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import oddcradle.core.card.Field.Named;
import oddcradle.core.finding.Step;
import oddcradle.core.job.FreeMark;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.body.Freedom;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.body.Part;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.make.Build;
import oddcradle.core.job.seat.Bracket;
import oddcradle.core.job.seat.Clearances;
import oddcradle.core.job.seat.FitErrors;
import oddcradle.core.job.seat.Lifting;
import oddcradle.core.job.seat.MadeTo;
import oddcradle.core.job.seat.Neighbour;
import oddcradle.core.job.seat.Seat;
import oddcradle.core.job.seat.SeatPlan;
import oddcradle.core.job.seat.SeatWishes;
import oddcradle.core.job.seat.WayPlan;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.Kind;

/** The cards of the seat: where it is, what it must keep off, what follows it, how it goes in. */
final class SeatCards {
    private static final List<String> WISHES = List.of(
            "low",
            "level",
            "weight fore and aft",
            "weight where it was",
            "room for legs",
            "room round pipes",
            "room for the intake",
            "short cradle");

    private final Job job;
    private final SeatPlan plan;
    private final List<Named> bosses;
    private final List<Named> keepOuts;
    private final List<Card> cards = new ArrayList<>();

    private SeatCards(Job job) {
        this.job = job;
        this.plan = job.plan();
        this.bosses = named(job.donor().bosses(), Boss::id, Boss::label);
        this.keepOuts = named(job.host().keepOuts(), KeepOut::id, KeepOut::label);
    }

    static List<Card> of(Job job) {
        SeatCards of = new SeatCards(job);
        of.seat();
        of.gaps();
        of.pairs();
        of.wishes();
        of.way();
        of.lifting();
        of.errors();
        of.brackets();
        of.neighbours();
        return of.cards;
    }

    private void add(String kind, String id, String label, FieldsOf<?> fields, List<Deed> deeds) {
        cards.add(new Card(Step.SEAT, kind, id, label, fields.list(), deeds));
    }

    private <T> FieldsOf<T> of(T value, Function<T, SeatPlan> with) {
        return new FieldsOf<>(value, other -> job.withPlan(with.apply(other)));
    }

    private void seat() {
        FieldsOf<Seat> of = new FieldsOf<>(job.seat(), job::withSeat);
        for (Freedom freedom : Freedom.values()) {
            of.measure(
                    freedom.word(),
                    freedom.slides() ? Kind.LENGTH : Kind.ANGLE,
                    seat -> seat.value(freedom),
                    (seat, value) -> seat.with(freedom, value));
        }
        of.several(
                "held",
                freedoms(),
                seat -> seat.held().stream().map(Enum::name).toList(),
                (seat, held) -> seat.holding(held.stream().map(Freedom::valueOf).toList()));
        add("seat", "", "", of, List.of());
    }

    private static List<Named> freedoms() {
        return Stream.of(Freedom.values())
                .map(each -> new Named(each.name(), each.word()))
                .toList();
    }

    private void gaps() {
        Build build = job.build();
        FieldsOf<Build> of = new FieldsOf<>(build, job::withBuild);
        for (Category category : Category.values()) {
            of.length(
                    "least gap, " + category.word(),
                    each -> each.room().of(category),
                    (each, room) -> each.withRoom(each.room().with(category, room)));
        }
        of.inner(Build::clearances, Build::withClearances, clearances -> clearances
                .measure("hot parts hotter by", Kind.TEMPERATURE_RISE, Clearances::hotRise, Clearances::withHotRise)
                .measure("hot metal grows, per degree", Kind.RATIO, Clearances::hotGrowth, Clearances::withHotGrowth)
                .measure("chain swings out", Kind.SHARE, Clearances::chainWhip, Clearances::withChainWhip)
                .each(Clearances::kinds, Clearances::withKinds, SeatCards::kindRule));
        List<Deed> deeds = new ArrayList<>();
        List<Clearances.KindRule> kinds = build.clearances().kinds();
        deeds.add(Deed.of(
                "Add a rule for two kinds",
                () -> job.withBuild(build.withClearances(build.clearances()
                        .withKinds(plus(kinds, new Clearances.KindRule(Category.HOT, Category.HOSE, 0.05, 0.06)))))));
        for (int k = 0; k < kinds.size(); k++) {
            int at = k;
            deeds.add(Deed.of(
                    "Take rule " + (k + 1) + " away",
                    () -> job.withBuild(build.withClearances(build.clearances().withKinds(without(kinds, at))))));
        }
        add("gaps", "", "", of, deeds);
    }

    private static FieldsOf<Clearances.KindRule> kindRule(FieldsOf<Clearances.KindRule> of, int number) {
        String name = "rule " + (number + 1);
        return of.one(
                        name + ", between",
                        Category.values(),
                        Category::word,
                        Clearances.KindRule::one,
                        (rule, kind) -> new Clearances.KindRule(kind, rule.other(), rule.room(), rule.isolated()))
                .one(
                        name + ", and",
                        Category.values(),
                        Category::word,
                        Clearances.KindRule::other,
                        (rule, kind) -> new Clearances.KindRule(rule.one(), kind, rule.room(), rule.isolated()))
                .length(
                        name + ", both hard",
                        Clearances.KindRule::room,
                        (rule, room) -> new Clearances.KindRule(rule.one(), rule.other(), room, rule.isolated()))
                .length(
                        name + ", one on rubber",
                        Clearances.KindRule::isolated,
                        (rule, room) -> new Clearances.KindRule(rule.one(), rule.other(), rule.room(), room));
    }

    private List<Named> bodies() {
        return Stream.of(
                        named(job.donor().bodies(), Part::id, Part::label),
                        keepOuts,
                        named(job.members(), Member::id, Member::label))
                .flatMap(List::stream)
                .toList();
    }

    private void pairs() {
        Build build = job.build();
        List<Clearances.PairRule> pairs = build.clearances().pairs();
        Function<List<Clearances.PairRule>, Job> put =
                others -> job.withBuild(build.withClearances(build.clearances().withPairs(others)));
        for (int k = 0; k < pairs.size(); k++) {
            int at = k;
            Clearances.PairRule pair = pairs.get(k);
            FieldsOf<Clearances.PairRule> of = new FieldsOf<>(
                            pair, (Clearances.PairRule other) -> put.apply(with(pairs, at, other)))
                    .choice(
                            "between",
                            bodies(),
                            Clearances.PairRule::part,
                            (rule, id) -> new Clearances.PairRule(id, rule.obstacle(), rule.room(), rule.reason()))
                    .choice(
                            "and",
                            bodies(),
                            Clearances.PairRule::obstacle,
                            (rule, id) -> new Clearances.PairRule(rule.part(), id, rule.room(), rule.reason()))
                    .length(
                            "least gap",
                            Clearances.PairRule::room,
                            (rule, room) -> new Clearances.PairRule(rule.part(), rule.obstacle(), room, rule.reason()))
                    .words(
                            "because",
                            Clearances.PairRule::reason,
                            (rule, reason) ->
                                    new Clearances.PairRule(rule.part(), rule.obstacle(), rule.room(), reason));
            String label = job.label(pair.part()).orElse(pair.part()) + " and "
                    + job.label(pair.obstacle()).orElse(pair.obstacle());
            add(
                    "gap of two",
                    Listed.number(k),
                    label,
                    of,
                    List.of(Deed.simplyAway(() -> put.apply(without(pairs, at)))));
        }
    }

    private void wishes() {
        FieldsOf<SeatWishes> of = of(plan.wishes(), plan::withWishes);
        for (int k = 0; k < WISHES.size(); k++) {
            int at = k;
            of.measure(
                    WISHES.get(k) + ", 0 to 10",
                    Kind.RATIO,
                    each -> each.weights().get(at),
                    (each, weight) -> each.withWeights(with(each.weights(), at, weight)));
        }
        of.length("least height over the floor", SeatWishes::ground, SeatWishes::withGround);
        of.each(SeatWishes::ranges, SeatWishes::withRanges, (range, number) -> {
            Kind kind = range.value().freedom().slides() ? Kind.LENGTH : Kind.ANGLE;
            String name = range.value().freedom().word();
            return range.measure(
                            name + ", from",
                            kind,
                            SeatWishes.Range::from,
                            (each, from) -> new SeatWishes.Range(each.freedom(), from, each.to()))
                    .measure(
                            name + ", to",
                            kind,
                            SeatWishes.Range::to,
                            (each, to) -> new SeatWishes.Range(each.freedom(), each.from(), to));
        });
        List<Deed> deeds = new ArrayList<>();
        for (Freedom freedom : Freedom.values()) {
            List<SeatWishes.Range> ranges = plan.wishes().ranges();
            double now = job.seat().value(freedom);
            deeds.add(
                    plan.wishes().range(freedom).isPresent()
                            ? Deed.of(
                                    "Leave " + freedom.word() + " free",
                                    () -> job.withPlan(plan.withWishes(plan.wishes()
                                            .withRanges(ranges.stream()
                                                    .filter(each -> each.freedom() != freedom)
                                                    .toList()))))
                            : Deed.of(
                                    "Keep " + freedom.word() + " within",
                                    () -> job.withPlan(plan.withWishes(plan.wishes()
                                            .withRanges(plus(
                                                    ranges, new SeatWishes.Range(freedom, now - 0.1, now + 0.1)))))));
        }
        add("wishes for the seat", "", "", of, deeds);
    }

    private void way() {
        FieldsOf<WayPlan> of = of(plan.way(), plan::withWay)
                .several("may come off", bodies(), WayPlan::removable, (way, ids) -> new WayPlan(ids, way.room()))
                .length("room all round on the way", WayPlan::room, WayPlan::withRoom);
        add("way in and out", "", "", of, List.of());
    }

    private void lifting() {
        FieldsOf<Lifting> of = of(plan.lifting(), plan::withLifting)
                .length("hook above the weight", Lifting::hook, Lifting::withHook)
                .angle("hangs nose down", Lifting::pitch, Lifting::withPitch)
                .angle("hangs right side down", Lifting::roll, Lifting::withRoll)
                .each(Lifting::points, Lifting::withPoints, (point, number) -> point.words(
                                "strap " + (number + 1) + " called",
                                Lifting.Point::id,
                                (each, id) -> new Lifting.Point(id, each.position()))
                        .place(
                                "strap " + (number + 1) + " at",
                                Lifting.Point::position,
                                (each, at) -> new Lifting.Point(each.id(), at)));
        List<Lifting.Point> points = plan.lifting().points();
        Vec3 above = job.donor().mass().cg().plus(Vec3.Z.times(0.15));
        List<Deed> deeds = new ArrayList<>();
        if (points.isEmpty()) {
            deeds.add(Deed.of(
                    "Say where the straps go",
                    () -> lifted(List.of(
                            new Lifting.Point("left", above.plus(Vec3.Y.times(0.1))),
                            new Lifting.Point("right", above.minus(Vec3.Y.times(0.1)))))));
        } else {
            deeds.add(Deed.of(
                    "Another strap",
                    () -> lifted(plus(
                            points,
                            new Lifting.Point(
                                    FreeMark.of(
                                            "strap ",
                                            points.stream()
                                                    .map(Lifting.Point::id)
                                                    .toList()),
                                    above)))));
            deeds.add(Deed.of("Lift by the bosses", () -> lifted(List.of())));
            for (int k = 0; points.size() > 2 && k < points.size(); k++) {
                int at = k;
                deeds.add(Deed.of("Take strap " + (k + 1) + " away", () -> lifted(without(points, at))));
            }
        }
        add("lifting", "", "", of, deeds);
    }

    private Job lifted(List<Lifting.Point> by) {
        return job.withPlan(plan.withLifting(plan.lifting().withPoints(by)));
    }

    private void errors() {
        FitErrors errors = plan.errors();
        FieldsOf<FitErrors> of = of(errors, plan::withErrors)
                .length("cuts within", FitErrors::cut, (each, cut) -> each.with(cut, each.drill(), each.pull()))
                .length("holes within", FitErrors::drill, (each, drill) -> each.with(each.cut(), drill, each.pull()))
                .length("welding pulls", FitErrors::pull, (each, pull) -> each.with(each.cut(), each.drill(), pull))
                .one("mounts made to", MadeTo.values(), MadeTo::words, FitErrors::madeTo, FitErrors::withMadeTo)
                .each(FitErrors::holes, FitErrors::withHoles, this::hole);
        List<Deed> deeds = new ArrayList<>();
        bosses.stream()
                .filter(boss -> errors.hole(boss.id()).isEmpty())
                .forEach(boss -> deeds.add(Deed.of(
                        "A larger hole or a slot at " + boss.words(),
                        () -> job.withPlan(plan.withErrors(errors.withHoles(
                                plus(errors.holes(), new FitErrors.Hole(boss.id(), hole(boss.id()), 0, Vec3.X))))))));
        for (int k = 0; k < errors.holes().size(); k++) {
            int at = k;
            deeds.add(Deed.of(
                    "Hole " + (k + 1) + " as usual",
                    () -> job.withPlan(plan.withErrors(errors.withHoles(without(errors.holes(), at))))));
        }
        add("fit of the mounts", "", "", of, deeds);
    }

    /** A clearance hole for what the boss takes; common practice: a tenth larger. */
    private double hole(String boss) {
        return job.donor().boss(boss).map(Boss::bore).filter(bore -> bore > 0).orElse(0.01) * 1.1;
    }

    private FieldsOf<FitErrors.Hole> hole(FieldsOf<FitErrors.Hole> of, int number) {
        String name = "hole " + (number + 1);
        return of.choice(
                        name + " at",
                        bosses,
                        FitErrors.Hole::boss,
                        (hole, boss) -> new FitErrors.Hole(boss, hole.diameter(), hole.slot(), hole.along()))
                .length(
                        name + ", diameter",
                        FitErrors.Hole::diameter,
                        (hole, diameter) -> new FitErrors.Hole(hole.boss(), diameter, hole.slot(), hole.along()))
                .length(
                        name + ", longer by",
                        FitErrors.Hole::slot,
                        (hole, slot) -> new FitErrors.Hole(hole.boss(), hole.diameter(), slot, hole.along()))
                .way(
                        name + ", along",
                        FitErrors.Hole::along,
                        (hole, along) -> new FitErrors.Hole(hole.boss(), hole.diameter(), hole.slot(), along));
    }

    private List<Named> nodes() {
        return Stream.concat(job.host().nodes().stream(), job.cradle().nodes().stream())
                .map(each -> new Named(each.id(), each.id()))
                .toList();
    }

    private void brackets() {
        List<Bracket> all = plan.brackets();
        for (int k = 0; k < all.size(); k++) {
            int at = k;
            Bracket bracket = all.get(k);
            Function<Bracket, Job> put = other -> job.withPlan(plan.withBrackets(with(all, at, other)));
            FieldsOf<Bracket> of = new FieldsOf<>(bracket, put)
                    .words("called", Bracket::label, Bracket::withLabel)
                    .choice("goes on the boss", bosses, Bracket::boss, Bracket::withBoss)
                    .choice("reaches the node", nodes(), Bracket::node, Bracket::withNode)
                    .place("its hole at the boss", Bracket::bossHole, Bracket::withBossHole)
                    .way("that hole's axis", Bracket::bossAxis, Bracket::withBossAxis)
                    .place("its hole at the frame", Bracket::frameHole, Bracket::withFrameHole);
            Shapes.fields(of, Bracket::solids, Bracket::withSolids);
            List<Deed> deeds =
                    new ArrayList<>(Shapes.deeds(bracket.solids(), solids -> put.apply(bracket.withSolids(solids))));
            deeds.add(Deed.simplyAway(() -> job.withPlan(plan.withBrackets(without(all, at)))));
            add("bracket", bracket.id(), bracket.label(), of, deeds);
        }
    }

    private void neighbours() {
        List<Neighbour> all = plan.neighbours();
        for (int k = 0; k < all.size(); k++) {
            int at = k;
            Neighbour neighbour = all.get(k);
            add(
                    "what follows",
                    neighbour.id(),
                    neighbour.label(),
                    NeighbourFields.of(
                            neighbour, keepOuts, other -> job.withPlan(plan.withNeighbours(with(all, at, other)))),
                    List.of(Deed.simplyAway(() -> job.withPlan(plan.withNeighbours(without(all, at))))));
        }
    }

    /** What can be added to the seat. */
    static List<Deed> additions(Job job) {
        SeatPlan plan = job.plan();
        List<Deed> deeds = new ArrayList<>();
        List<String> bodies = job.host().keepOuts().stream().map(KeepOut::id).toList();
        if (!bodies.isEmpty() && !job.donor().bodies().isEmpty()) {
            String part = job.donor().bodies().get(0).id();
            deeds.add(Deed.of(
                    "a gap rule for two things",
                    () -> job.withBuild(job.build()
                            .withClearances(job.build()
                                    .clearances()
                                    .withPairs(plus(
                                            job.build().clearances().pairs(),
                                            new Clearances.PairRule(part, bodies.get(0), 0.01, "write down why")))))));
        }
        if (!job.donor().bosses().isEmpty() && !job.host().nodes().isEmpty()) {
            deeds.add(Deed.of(
                    "a bracket",
                    () -> job.withPlan(plan.withBrackets(plus(
                            plan.brackets(),
                            new Bracket(
                                    FreeMark.of(
                                            "BR",
                                            plan.brackets().stream()
                                                    .map(Bracket::id)
                                                    .toList()),
                                    "new bracket",
                                    Vec3.ZERO,
                                    Vec3.Y,
                                    Vec3.X.times(0.1),
                                    List.of(Shapes.box(Vec3.X.times(0.05))),
                                    job.donor().bosses().get(0).id(),
                                    job.host().nodes().get(0).id()))))));
        }
        deeds.addAll(NeighbourKinds.of(job));
        return deeds;
    }
}
