package oddcradle.core.card;

import static oddcradle.core.card.Listed.named;
import static oddcradle.core.card.Listed.plus;
import static oddcradle.core.card.Listed.with;
import static oddcradle.core.card.Listed.without;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.Supplier;
import oddcradle.core.card.Field.Column;
import oddcradle.core.card.Field.Named;
import oddcradle.core.catalog.Shelf;
import oddcradle.core.engine.Combustion;
import oddcradle.core.engine.Crank;
import oddcradle.core.engine.CrankWork;
import oddcradle.core.engine.EngineLayout;
import oddcradle.core.engine.EngineShape;
import oddcradle.core.finding.Step;
import oddcradle.core.job.FreeMark;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.body.Part;
import oddcradle.core.job.body.Pipe;
import oddcradle.core.job.body.Scan;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.donor.BossHole;
import oddcradle.core.job.donor.Cycle;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.job.donor.History;
import oddcradle.core.job.donor.JoinedUnit;
import oddcradle.core.job.donor.Output;
import oddcradle.core.job.donor.OutputForm;
import oddcradle.core.job.donor.Pack;
import oddcradle.core.job.donor.RunningEngine;
import oddcradle.core.job.donor.Service;
import oddcradle.core.job.donor.ShaftEnd;
import oddcradle.core.job.donor.TorquePoint;
import oddcradle.core.job.donor.Turn;
import oddcradle.core.job.donor.UnitEngine;
import oddcradle.core.job.donor.UnitKind;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.MassProperties;
import oddcradle.core.naming.Renaming;
import oddcradle.core.removal.Removal;
import oddcradle.core.survey.Survey;
import oddcradle.core.units.Kind;
import oddcradle.core.weigh.Weighing;

/** The cards of a donor, seated or a candidate. */
final class DonorCards {
    private final Donor donor;
    private final Function<Donor, Job> put;
    private final String owner;
    private final Whole whole;
    private final List<Card> cards = new ArrayList<>();

    private DonorCards(Donor donor, Function<Donor, Job> put, String owner, Whole whole) {
        this.donor = donor;
        this.put = put;
        this.owner = owner;
        this.whole = whole;
    }

    /** What changes more of the job than the donor, where the donor is in the seat. */
    private record Whole(
            Function<String, Removal> partAway,
            Function<String, Removal> bossAway,
            BiFunction<String, String, Job> bodyMark,
            BiFunction<String, String, Job> bossMark) {
        static Whole of(Job job) {
            return new Whole(
                    part -> Removal.ofPart(job, part),
                    boss -> Removal.ofBoss(job, boss),
                    (from, to) -> Renaming.ofBody(job, from, to),
                    (from, to) -> Renaming.ofBoss(job, from, to));
        }

        static Whole alone(Donor donor, Function<Donor, Job> put) {
            return new Whole(
                    part -> new Removal(put.apply(withoutPart(donor, part)), List.of()),
                    boss -> new Removal(put.apply(withoutBoss(donor, boss)), List.of()),
                    (from, to) -> put.apply(Renaming.ofBody(donor, from, to)),
                    (from, to) -> put.apply(Renaming.ofBoss(donor, from, to)));
        }
    }

    static List<Card> seated(Job job) {
        DonorCards of = new DonorCards(job.donor(), job::withDonor, "", Whole.of(job));
        of.all(List.of());
        return of.cards;
    }

    static List<Card> candidates(Job job) {
        List<Card> cards = new ArrayList<>();
        List<Donor> all = job.candidates();
        for (int k = 0; k < all.size(); k++) {
            int at = k;
            Function<Donor, Job> put = other -> job.withCandidates(with(all, at, other));
            DonorCards of =
                    new DonorCards(all.get(k), put, "candidate " + (k + 1) + ", ", Whole.alone(all.get(k), put));
            of.all(List.of(Deed.simplyAway(() -> job.withCandidates(without(all, at)))));
            cards.addAll(of.cards);
        }
        return cards;
    }

    private static Donor withoutBoss(Donor donor, String boss) {
        return Pack.pruned(donor.withBosses(
                donor.bosses().stream().filter(each -> !each.id().equals(boss)).toList()));
    }

    private static Donor withoutPart(Donor donor, String part) {
        return Pack.pruned(donor.withParts(donor.parts().stream()
                        .filter(each -> !each.id().equals(part))
                        .toList())
                .withServices(donor.services().stream()
                        .filter(each -> !each.part().equals(part))
                        .toList()));
    }

    private void all(List<Deed> deeds) {
        engine(deeds);
        units();
        shape();
        mass();
        output();
        bosses();
        parts();
        pipes();
        services();
        weighings();
        history();
        cards.addAll(new SurveyCards(Step.DONOR, owner, donor.survey(), survey -> put.apply(donor.withSurvey(survey)))
                .all());
        scan();
    }

    private void add(String kind, String id, String label, FieldsOf<?> fields, List<Deed> deeds) {
        cards.add(new Card(Step.DONOR, owner + kind, id, label, fields.list(), deeds));
    }

    private <T> FieldsOf<T> of(T value, Function<T, Donor> with) {
        return new FieldsOf<>(value, other -> put.apply(with.apply(other)));
    }

    private void engine(List<Deed> more) {
        FieldsOf<Donor> fields = of(donor, other -> other).words("called", Donor::name, Donor::withName);
        fields.inner(Donor::engine, Donor::withEngine, DonorCards::running);
        List<Deed> deeds = new ArrayList<>(more);
        deeds.addAll(insides(donor.engine(), donor::withEngine));
        add("engine", "", donor.name(), fields, deeds);
        insides("", "", "", donor.engine(), donor::withEngine);
    }

    /** Writes down, or forgets, what is inside an engine. */
    private List<Deed> insides(Engine engine, Function<Engine, Donor> with) {
        RunningEngine taken = RunningEngine.of(engine, 1);
        Deed crank = engine.crank().isPresent()
                ? deed("Forget the crank", () -> with.apply(engine.withCrank(Optional.empty())))
                : deed("Write the crank down", () -> with.apply(engine.withCrank(Optional.of(taken.crank()))));
        Deed burns = engine.combustion().isPresent()
                ? deed("Forget what burns", () -> with.apply(engine.withCombustion(Optional.empty())))
                : deed(
                        "Write down what burns",
                        () -> with.apply(engine.withCombustion(Optional.of(taken.combustion()))));
        return List.of(crank, burns);
    }

    private void insides(String whose, String id, String label, Engine engine, Function<Engine, Donor> with) {
        engine.crank()
                .ifPresent(crank -> add(
                        whose + "crank",
                        id,
                        label,
                        crank(of(crank, other -> with.apply(engine.withCrank(Optional.of(other))))),
                        List.of(deed(
                                "Drill, fill or load it",
                                () -> with.apply(engine.withCrank(Optional.of(crank.withOneMore())))))));
        engine.crank()
                .ifPresent(crank -> works(whose, id, crank, other -> with.apply(engine.withCrank(Optional.of(other)))));
        engine.combustion()
                .ifPresent(burns -> add(
                        whose + "combustion",
                        id,
                        label,
                        combustion(of(burns, other -> with.apply(engine.withCombustion(Optional.of(other))))),
                        List.of()));
    }

    private void works(String whose, String id, Crank crank, Function<Crank, Donor> with) {
        for (int k = 0; k < crank.works().size(); k++) {
            int at = k;
            CrankWork work = crank.works().get(k);
            add(
                    whose + "crank work",
                    id + (k + 1),
                    work.label(),
                    work(of(work, other -> with.apply(crank.withWorks(with(crank.works(), at, other))))),
                    List.of(Deed.simplyAway(() -> put.apply(with.apply(crank.withWorks(without(crank.works(), at)))))));
        }
    }

    private void units() {
        for (int k = 0; k < donor.units().size(); k++) {
            int at = k;
            JoinedUnit unit = donor.units().get(k);
            Function<JoinedUnit, Donor> with = other -> donor.withUnits(with(donor.units(), at, other));
            FieldsOf<JoinedUnit> of = of(unit, with);
            UnitFields.lies(of, donor);
            UnitFields.moves(
                    of,
                    by -> put.apply(Pack.moved(donor, unit.id(), by)),
                    on -> put.apply(Pack.outputOn(donor, unit.id(), on)));
            of.inner(JoinedUnit::mass, JoinedUnit::withMass, DonorCards::mass);
            UnitFields.joint(of, donor);
            unit.engine()
                    .ifPresent(engine ->
                            of.inner(each -> engine, (each, other) -> each.withEngine(Optional.of(other)), inside -> {
                                inside.inner(UnitEngine::engine, UnitEngine::withEngine, DonorCards::running);
                                UnitFields.step(inside);
                            }));
            List<Deed> deeds = new ArrayList<>();
            for (UnitFields.Change change : UnitFields.changes(donor, unit)) {
                deeds.add(deed(change.words(), change.donor()));
            }
            Function<Engine, Donor> withEngine =
                    other -> with.apply(unit.withEngine(unit.engine().map(engine -> engine.withEngine(other))));
            unit.engine().ifPresent(engine -> deeds.addAll(insides(engine.engine(), withEngine)));
            deeds.add(Deed.simplyAway(() -> put.apply(donor.withUnits(
                    unit.kind() == UnitKind.FIRST_ENGINE ? List.of() : without(UnitFields.parted(donor, unit), at)))));
            add("unit", unit.id(), unit.label(), of, deeds);
            unit.engine().ifPresent(engine -> insides("unit's ", unit.id(), unit.label(), engine.engine(), withEngine));
        }
    }

    private Deed deed(String words, Supplier<Donor> after) {
        return Deed.of(words, () -> put.apply(after.get()));
    }

    private static void running(FieldsOf<Engine> of) {
        of.words("layout", Engine::layout, Engine::withLayout)
                .count("cylinders", Engine::cylinders, DonorCards::withCylinders)
                .one(
                        "cycle",
                        Cycle.values(),
                        cycle -> cycle == Cycle.TWO_STROKE ? "two-stroke" : "four-stroke",
                        Engine::cycle,
                        Engine::withCycle)
                .measure("idle", Kind.ROTATION_SPEED, Engine::idleSpeed, Engine::withIdleSpeed)
                .measure("cruise", Kind.ROTATION_SPEED, Engine::cruiseSpeed, Engine::withCruiseSpeed)
                .measure("limit, 0 unknown", Kind.ROTATION_SPEED, Engine::limitSpeed, Engine::withLimitSpeed)
                .measure(
                        "most torque",
                        Kind.TORQUE,
                        Engine::maxTorque,
                        (engine, torque) -> engine.withMaxTorque(torque, engine.maxTorqueSpeed()))
                .measure(
                        "most torque at",
                        Kind.ROTATION_SPEED,
                        Engine::maxTorqueSpeed,
                        (engine, speed) -> engine.withMaxTorque(engine.maxTorque(), speed))
                .table(
                        "torque curve",
                        List.of(new Column("speed", Kind.ROTATION_SPEED), new Column("torque", Kind.TORQUE)),
                        engine -> engine.curve().stream()
                                .map(point -> List.of(point.speed(), point.torque()))
                                .toList(),
                        (engine, rows) -> engine.withCurve(rows.stream()
                                .map(row -> new TorquePoint(row.get(0), row.get(1)))
                                .toList()))
                .measure("primary ratio", Kind.RATIO, Engine::primaryRatio, Engine::withPrimaryRatio)
                .row("gears, lowest first", Kind.RATIO, Engine::gearRatios, Engine::withGearRatios);
    }

    /** A crank and a firing order of another number of cylinders are none of this engine. */
    private static Engine withCylinders(Engine engine, int cylinders) {
        return cylinders == engine.cylinders()
                ? engine
                : engine.withCrank(Optional.empty())
                        .withCombustion(Optional.empty())
                        .withCylinders(cylinders);
    }

    private static FieldsOf<Crank> crank(FieldsOf<Crank> of) {
        return of.length("stroke", Crank::stroke, Crank::withStroke)
                .length("rod, centres", Crank::rod, Crank::withRod)
                .measure("piston, pin, ⅓ rod", Kind.MASS, Crank::reciprocatingMass, Crank::withReciprocatingMass)
                .row("throws", Kind.ANGLE, Crank::throwAngles, Crank::withThrowAngles)
                .row("cylinders lean", Kind.ANGLE, Crank::cylinderAngles, Crank::withCylinderAngles)
                .row("along the crank", Kind.LENGTH, Crank::positions, Crank::withPositions)
                .measure("weights balance", Kind.SHARE, Crank::counterweight, Crank::withCounterweight)
                .one(
                        "balance shafts",
                        Crank.Balancer.values(),
                        Crank.Balancer::words,
                        Crank::balancer,
                        Crank::withBalancer)
                .angle("balance shafts come late", Crank::balancerLate, Crank::withBalancerLate)
                .placeIfKnown("crank's middle", Crank::centre, Crank::withCentre);
    }

    private static FieldsOf<CrankWork> work(FieldsOf<CrankWork> of) {
        return of.words("called", CrankWork::label, CrankWork::withLabel)
                .one("what", CrankWork.Sort.values(), CrankWork.Sort::words, CrankWork::sort, CrankWork::withSort)
                .angle("after the first pin", CrankWork::angle, CrankWork::withAngle)
                .length("along the crank from its middle", CrankWork::along, CrankWork::withAlong)
                .length("out from the axis", CrankWork::radius, CrankWork::withRadius)
                .length("hole, diameter", CrankWork::diameter, CrankWork::withDiameter)
                .length("hole, depth", CrankWork::depth, CrankWork::withDepth)
                .measure("filled with, 0 empty", Kind.DENSITY, CrankWork::density, CrankWork::withDensity)
                .measure("weight", Kind.MASS, CrankWork::mass, CrankWork::withMass);
    }

    private static FieldsOf<Combustion> combustion(FieldsOf<Combustion> of) {
        return of.length("bore", Combustion::bore, Combustion::withBore)
                .measure("compression ratio", Kind.RATIO, Combustion::compression, Combustion::withCompression)
                .one(
                        "lit by",
                        Combustion.Ignition.values(),
                        Combustion.Ignition::words,
                        Combustion::ignition,
                        Combustion::withIgnition)
                .row("fires at", Kind.ANGLE, Combustion::firingAngles, Combustion::withFiringAngles)
                .row("pressure over one cycle", Kind.STRESS, Combustion::pressure, Combustion::withPressure);
    }

    private void shape() {
        donor.shape().ifPresent(shape -> {
            FieldsOf<EngineShape> of = of(shape, other -> donor.withShape(Optional.of(other)))
                    .one(
                            "layout",
                            EngineLayout.values(),
                            EngineLayout::words,
                            EngineShape::layout,
                            EngineShape::withLayout)
                    .yes("four-stroke", EngineShape::fourStroke, EngineShape::withFourStroke)
                    .length("case ahead of crank", EngineShape::caseAhead, EngineShape::withCaseAhead)
                    .length("case behind crank", EngineShape::caseBehind, EngineShape::withCaseBehind)
                    .length("case across", EngineShape::caseWidth, EngineShape::withCaseWidth)
                    .length("case above crank", EngineShape::caseAbove, EngineShape::withCaseAbove)
                    .length("case below crank", EngineShape::caseBelow, EngineShape::withCaseBelow)
                    .length("crank to head", EngineShape::cylinderReach, EngineShape::withCylinderReach)
                    .length("between bores", EngineShape::boreSpacing, EngineShape::withBoreSpacing)
                    .length("cylinder across", EngineShape::cylinderWidth, EngineShape::withCylinderWidth)
                    .length("head along", EngineShape::headLength, EngineShape::withHeadLength)
                    .angle("cylinders lean", EngineShape::lean, EngineShape::withLean)
                    .angle("between banks", EngineShape::bank, EngineShape::withBank)
                    .length("covers stand out", EngineShape::coverReach, EngineShape::withCoverReach);
            add(
                    "outline",
                    "",
                    "",
                    of,
                    List.of(deed("Take it away", () -> Pack.pruned(donor.withShape(Optional.empty())))));
        });
    }

    private void mass() {
        FieldsOf<MassProperties> of = of(donor.mass(), donor::withMass);
        mass(of);
        add(
                "mass",
                "",
                "",
                of,
                donor.units().isEmpty()
                        ? List.of()
                        : List.of(deed("Add up the units", () -> donor.withMass(Pack.mass(donor)))));
    }

    /** Moments and products three at a time: of one alone the body would often be impossible on the way to the other two. */
    private static void mass(FieldsOf<MassProperties> of) {
        of.measure("mass", Kind.MASS, MassProperties::mass, MassProperties::withMass)
                .place("centre of gravity", MassProperties::cg, MassProperties::withCg)
                .vector(
                        "inertia about forward, left, up",
                        Kind.INERTIA,
                        DonorCards::moments,
                        (mass, moments) -> mass.withInertia(inertia(moments, products(mass))))
                .vector(
                        "products forward-left, forward-up, left-up",
                        Kind.INERTIA,
                        DonorCards::products,
                        (mass, products) -> mass.withInertia(inertia(moments(mass), products)));
    }

    private static Vec3 moments(MassProperties mass) {
        Mat3 inertia = mass.inertia();
        return new Vec3(inertia.get(0, 0), inertia.get(1, 1), inertia.get(2, 2));
    }

    private static Vec3 products(MassProperties mass) {
        Mat3 inertia = mass.inertia();
        return new Vec3(inertia.get(0, 1), inertia.get(0, 2), inertia.get(1, 2));
    }

    private static Mat3 inertia(Vec3 moments, Vec3 products) {
        return new Mat3(
                new Vec3(moments.x(), products.x(), products.y()),
                new Vec3(products.x(), moments.y(), products.z()),
                new Vec3(products.y(), products.z(), moments.z()));
    }

    private void output() {
        FieldsOf<Output> of = of(donor.output(), donor::withOutput)
                .one("form", OutputForm.values(), OutputForm::words, Output::form, Output::withForm)
                .place("middle", Output::centre, Output::withCentre)
                .way("points", Output::axis, Output::withAxis)
                .one("turns, seen from outside", Turn.values(), Turn::words, Output::turn, Output::withTurn)
                .count("teeth, 0 none", Output::teeth, Output::withTeeth)
                .length("pitch of its teeth, 0 unknown", Output::pitch, Output::withPitch)
                .inner(Output::shaft, Output::withShaft, shaft -> shaft.length(
                                "shaft diameter, 0 unknown", ShaftEnd::diameter, ShaftEnd::withDiameter)
                        .length("shaft length, 0 unknown", ShaftEnd::length, ShaftEnd::withLength)
                        .words("about the shaft", ShaftEnd::note, ShaftEnd::withNote))
                .shelf(Shelf.SPROCKETS, (output, row) -> output.withForm(OutputForm.SPROCKET)
                        .withPitch(row.sizes().get(0))
                        .withTeeth((int) Math.round(row.sizes().get(1))))
                .shelf(Shelf.SPLINES, (output, row) -> output.withForm(OutputForm.SPLINE)
                        .withShaft(
                                output.shaft().withDiameter(row.sizes().get(1)).withNote(row.name())));
        add("output shaft", "", "", of, List.of());
    }

    private void bosses() {
        for (int k = 0; k < donor.bosses().size(); k++) {
            int at = k;
            Boss boss = donor.bosses().get(k);
            FieldsOf<Boss> of = of(boss, other -> donor.withBosses(with(donor.bosses(), at, other)))
                    .words("called", Boss::label, Boss::withLabel)
                    .place("middle", Boss::position, Boss::withPosition)
                    .way("axis", Boss::axis, Boss::withAxis)
                    .length("bore", Boss::bore, Boss::withBore)
                    .inner(Boss::hole, Boss::withHole, hole -> hole.words(
                                    "thread", BossHole::thread, BossHole::withThread)
                            .length("usable depth, 0 unknown", BossHole::depth, BossHole::withDepth)
                            .words("behind it", BossHole::behind, BossHole::withBehind)
                            .yes("goes right through", BossHole::through, BossHole::withThrough)
                            .shelf(Shelf.THREADS, (each, row) -> each.withThread(row.name())))
                    .mark(boss.id(), typed -> whole.bossMark.apply(boss.id(), typed));
            Deed twin = deed(
                    Twins.WORDS,
                    () -> donor.withBosses(plus(
                            donor.bosses(),
                            new Boss(
                                    FreeMark.of(
                                            "B",
                                            donor.bosses().stream()
                                                    .map(Boss::id)
                                                    .toList()),
                                    Twins.name(boss.label()),
                                    Twins.of(boss.position()),
                                    Twins.of(boss.axis()),
                                    boss.bore(),
                                    boss.hole()))));
            add("boss", boss.id(), boss.label(), of, List.of(twin, Deed.away(() -> whole.bossAway.apply(boss.id()))));
        }
    }

    private void parts() {
        for (int k = 0; k < donor.parts().size(); k++) {
            int at = k;
            Part part = donor.parts().get(k);
            FieldsOf<Part> of = of(part, other -> donor.withParts(with(donor.parts(), at, other)))
                    .words("called", Part::label, Part::withLabel)
                    .one("is", Category.values(), Category::word, Part::category, Part::withCategory);
            Shapes.fields(of, Part::solids, Part::withSolids);
            of.mark(part.id(), typed -> whole.bodyMark.apply(part.id(), typed));
            List<Deed> deeds = new ArrayList<>(Shapes.deeds(
                    part.solids(),
                    solids -> put.apply(donor.withParts(with(donor.parts(), at, part.withSolids(solids))))));
            deeds.add(deed(
                    Twins.WORDS,
                    () -> donor.withParts(plus(
                            donor.parts(),
                            new Part(
                                    freePart(), Twins.name(part.label()), part.category(), Twins.of(part.solids()))))));
            deeds.add(Deed.away(() -> whole.partAway.apply(part.id())));
            add("part", part.id(), part.label(), of, deeds);
        }
    }

    private void pipes() {
        for (int k = 0; k < donor.pipes().size(); k++) {
            int at = k;
            Pipe pipe = donor.pipes().get(k);
            FieldsOf<Pipe> of = of(pipe, other -> donor.withPipes(with(donor.pipes(), at, other)))
                    .words("called", Pipe::label, Pipe::withLabel)
                    .one("is", Category.values(), Category::word, Pipe::category, Pipe::withCategory)
                    .places("corners", Pipe::corners, Pipe::withCorners)
                    .length("bend radius", Pipe::bendRadius, Pipe::withBendRadius)
                    .length("diameter", Pipe::diameter, Pipe::withDiameter)
                    .mark(pipe.id(), typed -> whole.bodyMark.apply(pipe.id(), typed));
            List<Service> kept = donor.services().stream()
                    .filter(each -> !each.part().equals(pipe.id()))
                    .toList();
            Deed twin = deed(
                    Twins.WORDS,
                    () -> donor.withPipes(plus(
                            donor.pipes(),
                            pipe.withId(freePart())
                                    .withLabel(Twins.name(pipe.label()))
                                    .withCorners(pipe.corners().stream()
                                            .map(Twins::of)
                                            .toList()))));
            List<Deed> deeds = new ArrayList<>(List.of(
                    deed(
                            "Add a corner",
                            () -> donor.withPipes(
                                    with(donor.pipes(), at, pipe.withCorners(withOneMore(pipe.corners()))))),
                    twin));
            if (pipe.corners().size() > 2) {
                deeds.add(
                        1,
                        deed(
                                "Take its last corner off",
                                () -> donor.withPipes(with(
                                        donor.pipes(),
                                        at,
                                        pipe.withCorners(without(
                                                pipe.corners(), pipe.corners().size() - 1))))));
            }
            deeds.add(Deed.simplyAway(
                    () -> put.apply(Pack.pruned(donor.withServices(kept).withPipes(without(donor.pipes(), at))))));
            add("pipe", pipe.id(), pipe.label(), of, deeds);
        }
    }

    /** One in the middle of the longest run, to be pulled to where the pipe bends. */
    private static List<Vec3> withOneMore(List<Vec3> corners) {
        int longest = 1;
        for (int k = 2; k < corners.size(); k++) {
            double run = corners.get(k).distanceTo(corners.get(k - 1));
            longest = run > corners.get(longest).distanceTo(corners.get(longest - 1)) ? k : longest;
        }
        List<Vec3> more = new ArrayList<>(corners);
        more.add(longest, corners.get(longest - 1).towards(corners.get(longest), 0.5));
        return more;
    }

    /** Bodies of a job share one set of names: one that no host of usual names has. */
    private String freePart() {
        return FreeMark.of("D", donor.bodies().stream().map(Part::id).toList());
    }

    private List<Named> bodies() {
        return named(donor.bodies(), Part::id, Part::label);
    }

    private void services() {
        for (int k = 0; k < donor.services().size(); k++) {
            int at = k;
            Service service = donor.services().get(k);
            FieldsOf<Service> of = of(service, other -> donor.withServices(with(donor.services(), at, other)))
                    .words("called", Service::label, Service::withLabel)
                    .choice("part", bodies(), Service::part, Service::withPart)
                    .way("comes off", Service::direction, Service::withDirection)
                    .length("until free", Service::travel, Service::withTravel)
                    .length("room for a hand", Service::room, Service::withRoom);
            add(
                    "part to come off",
                    service.id(),
                    service.label(),
                    of,
                    List.of(Deed.simplyAway(() -> put.apply(donor.withServices(without(donor.services(), at))))));
        }
    }

    private void weighings() {
        for (int k = 0; k < donor.weighings().size(); k++) {
            int at = k;
            Weighing weighing = donor.weighings().get(k);
            Function<Weighing, Donor> with = other -> donor.withWeighings(with(donor.weighings(), at, other));
            add(
                    "weighing",
                    weighing.id(),
                    weighing.id(),
                    WeighingFields.of(weighing, bodies(), other -> put.apply(with.apply(other))),
                    List.of(Deed.simplyAway(() -> put.apply(donor.withWeighings(without(donor.weighings(), at))))));
        }
    }

    private void history() {
        FieldsOf<History> of = of(donor.history(), donor::withHistory)
                .yes("from a whole machine", History::wholeMachine, History::withWholeMachine)
                .measure("hours run", Kind.RATIO, History::hours, History::withHours)
                .measure("price", Kind.RATIO, History::price, History::withPrice)
                .measure("price of parts it needs", Kind.RATIO, History::partsPrice, History::withPartsPrice)
                .each(History::checks, History::withChecks, (check, number) -> check.words(
                                "looked at",
                                History.Check::what,
                                (each, what) -> new History.Check(what, each.found(), each.note()))
                        .one(
                                "found",
                                History.Found.values(),
                                found -> found.name().toLowerCase(Locale.ROOT),
                                History.Check::found,
                                (each, found) -> new History.Check(each.what(), found, each.note()))
                        .words(
                                "remark",
                                History.Check::note,
                                (each, note) -> new History.Check(each.what(), each.found(), note)));
        add(
                "history",
                "",
                "",
                of,
                List.of(deed(
                        "Look at one more thing",
                        () -> donor.withHistory(donor.history()
                                .withChecks(plus(
                                        donor.history().checks(),
                                        new History.Check("something else", History.Found.UNKNOWN, "")))))));
    }

    private void scan() {
        donor.scan()
                .ifPresent(scan -> add(
                        "scan",
                        "",
                        scan.file(),
                        scan(
                                of(scan, other -> donor.withScan(Optional.of(other))),
                                named(donor.bosses(), Boss::id, Boss::label),
                                donor.survey()),
                        List.of(Deed.simplyAway(() -> put.apply(donor.withScan(Optional.empty()))))));
    }

    /** A scan's unit, and the places clicked on it. */
    static FieldsOf<Scan> scan(FieldsOf<Scan> of, List<Named> places, Survey survey) {
        List<Named> all = new ArrayList<>(places);
        survey.points().stream()
                .filter(point -> places.stream().noneMatch(each -> each.id().equals(point.id())))
                .forEach(point -> all.add(new Named(point.id(), point.label())));
        return of.words("file", Scan::file, Scan::withFile)
                .length("one unit of the file", Scan::metresPerUnit, Scan::withMetresPerUnit)
                .each(Scan::picks, Scan::withPicks, (pick, number) -> pick.choice(
                                "point " + (number + 1), all, Scan.Pick::point, Scan.Pick::withPoint)
                        .place("on the scan", Scan.Pick::onScan, Scan.Pick::withOnScan));
    }

    /** What can be added to the donor. */
    static List<Deed> additions(Job job) {
        Donor donor = job.donor();
        Vec3 middle = donor.mass().cg();
        List<String> taken = new ArrayList<>(job.ids());
        donor.services().forEach(each -> taken.add(each.id()));
        List<Deed> deeds = new ArrayList<>();
        deeds.add(Deed.of(
                "a part",
                () -> job.withDonor(donor.withParts(plus(
                        donor.parts(),
                        new Part(FreeMark.of("D", taken), "new part", Category.FIXED, List.of(Shapes.box(middle))))))));
        deeds.add(Deed.of(
                "a pipe",
                () -> job.withDonor(donor.withPipes(plus(
                        donor.pipes(),
                        new Pipe(
                                FreeMark.of("D", taken),
                                "new pipe",
                                Category.HOT,
                                List.of(middle, middle.plus(Vec3.X.times(0.3))),
                                0.06,
                                0.038))))));
        deeds.add(Deed.of(
                "a boss",
                () -> job.withDonor(donor.withBosses(plus(
                        donor.bosses(),
                        new Boss(
                                FreeMark.of(
                                        "B",
                                        donor.bosses().stream().map(Boss::id).toList()),
                                "new boss",
                                middle,
                                Vec3.Y,
                                0.01,
                                BossHole.UNKNOWN))))));
        deeds.add(Deed.of("a unit joined to it", () -> job.withDonor(UnitFields.withOneMore(donor))));
        if (!donor.bodies().isEmpty()) {
            deeds.add(Deed.of(
                    "a part to come off",
                    () -> job.withDonor(donor.withServices(plus(
                            donor.services(),
                            new Service(
                                    FreeMark.of("V", taken),
                                    "new part to come off",
                                    donor.bodies().get(0).id(),
                                    Vec3.Z,
                                    0.08,
                                    0.02))))));
        }
        deeds.addAll(WeighingKinds.of(job));
        deeds.addAll(new SurveyCards(Step.DONOR, "", donor.survey(), survey -> job.withDonor(donor.withSurvey(survey)))
                .additions());
        return deeds;
    }
}
