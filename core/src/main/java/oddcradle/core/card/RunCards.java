package oddcradle.core.card;

import static oddcradle.core.card.Listed.named;
import static oddcradle.core.card.Listed.plus;
import static oddcradle.core.card.Listed.with;
import static oddcradle.core.card.Listed.without;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import oddcradle.core.around.Opening;
import oddcradle.core.card.Field.Named;
import oddcradle.core.drive.JackShaft;
import oddcradle.core.drive.Stage;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.around.Around;
import oddcradle.core.job.around.Carburettor;
import oddcradle.core.job.around.Circuit;
import oddcradle.core.job.around.Control;
import oddcradle.core.job.around.ControlLever;
import oddcradle.core.job.around.ControlLink;
import oddcradle.core.job.around.DryBox;
import oddcradle.core.job.around.Exhaust;
import oddcradle.core.job.around.FuelFeed;
import oddcradle.core.job.around.Holder;
import oddcradle.core.job.around.Lead;
import oddcradle.core.job.around.OilDrain;
import oddcradle.core.job.around.RotatingGuard;
import oddcradle.core.job.around.Shock;
import oddcradle.core.job.around.Spline;
import oddcradle.core.job.seat.Neighbour;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.Kind;

/** The cards of what hangs from the seat. */
final class RunCards {
    private final Job job;
    private final Around around;
    private final List<Card> cards = new ArrayList<>();

    private RunCards(Job job) {
        this.job = job;
        this.around = job.around();
    }

    static List<Card> of(Job job) {
        return new RunCards(job).all();
    }

    private List<Card> all() {
        for (int k = 0; k < around.controls().size(); k++) {
            control(k);
        }
        each("exhaust", around.exhausts(), Around::withExhausts, Exhaust::pipe, this::exhaust, this::hangers);
        around.carburettor()
                .ifPresent(value -> one(
                        "carburettor",
                        carburettor(new FieldsOf<>(value, other -> put(around.withCarburettor(Optional.of(other))))),
                        around.withCarburettor(Optional.empty())));
        around.fuel()
                .ifPresent(value -> one(
                        "fuel feed",
                        fuel(new FieldsOf<>(value, other -> put(around.withFuel(Optional.of(other))))),
                        around.withFuel(Optional.empty())));
        each(
                "circuit",
                around.circuits(),
                Around::withCircuits,
                Circuit::label,
                RunCards::circuit,
                (at, put) -> List.of());
        each("lead", around.leads(), Around::withLeads, Lead::label, RunCards::lead, (at, put) -> List.of());
        each("guard", around.guards(), Around::withGuards, RotatingGuard::label, this::guard, (at, put) -> List.of());
        each(
                "shock absorber",
                around.shocks(),
                Around::withShocks,
                Shock::label,
                RunCards::shock,
                (at, put) -> List.of());
        each(
                "splined joint",
                around.splines(),
                Around::withSplines,
                Spline::label,
                RunCards::spline,
                (at, put) -> List.of());
        each("dry box", around.boxes(), Around::withBoxes, DryBox::label, RunCards::box, (at, put) -> List.of());
        each(
                "oil drain",
                around.drains(),
                Around::withDrains,
                OilDrain::label,
                RunCards::drain,
                (at, put) -> List.of());
        return cards;
    }

    private Job put(Around other) {
        return job.withAround(other);
    }

    private void one(String kind, FieldsOf<?> fields, Around without) {
        cards.add(new Card(Step.RUN, kind, "", "", fields.list(), List.of(Deed.simplyAway(() -> put(without)))));
    }

    private <T> void each(
            String kind,
            List<T> all,
            BiFunction<Around, List<T>, Around> withAll,
            Function<T, String> label,
            Function<FieldsOf<T>, FieldsOf<T>> fields,
            BiFunction<T, Function<T, Job>, List<Deed>> more) {
        for (int k = 0; k < all.size(); k++) {
            int at = k;
            Function<T, Job> put = other -> put(withAll.apply(around, with(all, at, other)));
            List<Deed> deeds = new ArrayList<>(more.apply(all.get(k), put));
            deeds.add(Deed.simplyAway(() -> put(withAll.apply(around, without(all, at)))));
            cards.add(new Card(
                    Step.RUN,
                    kind,
                    Listed.number(k),
                    label.apply(all.get(k)),
                    fields.apply(new FieldsOf<>(all.get(k), put)).list(),
                    deeds));
        }
    }

    private void control(int at) {
        Control control = around.controls().get(at);
        Function<Control, Job> put = other -> put(around.withControls(with(around.controls(), at, other)));
        FieldsOf<Control> of = new FieldsOf<>(control, put)
                .words("mark", Control::id, Control::withId)
                .words("called", Control::label, Control::withLabel)
                .one("works", Control.Use.values(), Control.Use::word, Control::use, Control::withUse)
                .angle("hand's lever turns to its stop", Control::travel, Control::withTravel)
                .angle("engine's lever must turn", Control::wanted, Control::withWanted)
                .measure("moment that resists at rest", Kind.TORQUE, Control::atRest, Control::withAtRest)
                .measure("moment that resists at the end", Kind.TORQUE, Control::atEnd, Control::withAtEnd)
                .one(
                        "comes back by",
                        Control.Return.values(),
                        Control.Return::word,
                        Control::closedBy,
                        Control::withClosedBy)
                .measure("drag at the hand's lever", Kind.TORQUE, Control::drag, Control::withDrag)
                .each(Control::levers, Control::withLevers, RunCards::lever);
        of.each(Control::links, Control::withLinks, RunCards::link);
        List<Deed> deeds = new ArrayList<>();
        for (int k = 0; k < control.levers().size() - 1; k++) {
            int lever = k;
            deeds.add(Deed.of(
                    "Turn lever " + (k + 1) + " inside out",
                    () -> put.apply(
                            control.withLever(lever, control.levers().get(lever).turnedOver()))));
            if (control.links().get(k) instanceof ControlLink.Rod) {
                deeds.add(Deed.of(
                        "A cable for the rod after lever " + (k + 1),
                        () -> put.apply(control.withLinks(with(
                                control.links(),
                                lever,
                                cable(
                                        control.levers().get(lever),
                                        control.levers().get(lever + 1)))))));
            } else {
                deeds.add(Deed.of(
                        "A rod for the cable after lever " + (k + 1),
                        () -> put.apply(control.withLinks(
                                with(control.links(), lever, new ControlLink.Rod(0.008, 0.004, 0.0, 0.0))))));
            }
        }
        deeds.add(Deed.of("A bell crank before the engine's lever", () -> put.apply(withBellCrank(control))));
        if (control.levers().size() > 2) {
            deeds.add(Deed.of(
                    "The last bell crank away",
                    () -> put.apply(control.withTrain(
                            without(control.levers(), control.levers().size() - 2),
                            without(control.links(), control.links().size() - 1)))));
        }
        deeds.add(Deed.simplyAway(() -> put(around.withControls(without(around.controls(), at)))));
        cards.add(new Card(Step.RUN, "control", Listed.number(at), control.label(), of.list(), deeds));
    }

    /** Leaves each lever straight along where the other is. */
    private static ControlLink.Cable cable(ControlLever from, ControlLever to) {
        return new ControlLink.Cable(
                from.on(),
                from.out().plus(new Vec3(0, 0, 0.05)),
                to.on(),
                to.in().plus(new Vec3(0, 0, 0.05)),
                List.of(),
                0.005,
                0.075,
                0,
                0.15);
    }

    /** Like the engine's lever and beside it, on the side that its link comes from not: it is pulled the same way. */
    private static Control withBellCrank(Control control) {
        ControlLever last = control.levers().get(control.levers().size() - 1);
        ControlLink link = control.links().get(control.links().size() - 1);
        Vec3 beside = link instanceof ControlLink.Cable cable && cable.exitOn() == last.on()
                ? last.in().minus(cable.exit()).unit().times(0.1)
                : new Vec3(0.1, 0, 0);
        Vec3 end = last.in().plus(beside);
        ControlLever crank = new ControlLever(last.on(), last.pivot().plus(beside), last.axis(), end, end);
        List<ControlLever> levers = new ArrayList<>(control.levers());
        levers.add(levers.size() - 1, crank);
        return control.withTrain(levers, plus(control.links(), new ControlLink.Rod(0.008, 0.004, 0.0, 0.0)));
    }

    private static FieldsOf<ControlLever> lever(FieldsOf<ControlLever> of, int at) {
        String name = "lever " + (at + 1) + ": ";
        return holder(of, name + "pin on", ControlLever::on, ControlLever::withOn)
                .place(name + "pin", ControlLever::pivot, ControlLever::withPivot)
                .way(name + "axis of the pin", ControlLever::axis, ControlLever::withAxis)
                .place(name + "worked at", ControlLever::in, ControlLever::withIn)
                .place(name + "works the next at", ControlLever::out, ControlLever::withOut);
    }

    private static <T> FieldsOf<T> holder(
            FieldsOf<T> of, String name, Function<T, Holder> get, BiFunction<T, Holder, T> with) {
        return of.one(name, Holder.values(), Holder::word, get, with);
    }

    private static FieldsOf<ControlLink> link(FieldsOf<ControlLink> of, int at) {
        String name = "link " + (at + 1) + ": ";
        if (of.value() instanceof ControlLink.Rod rod) {
            FieldsOf<ControlLink.Rod> rods = new FieldsOf<>(
                            rod, other -> of.put().apply(other))
                    .length(name + "rod, diameter", ControlLink.Rod::diameter, ControlLink.Rod::withDiameter)
                    .length(name + "rod, wall", ControlLink.Rod::wall, ControlLink.Rod::withWall)
                    .length(
                            name + "rod, eye to eye, 0 to be made",
                            ControlLink.Rod::length,
                            ControlLink.Rod::withLength)
                    .length(name + "adjuster gives either way", ControlLink.Rod::adjusts, ControlLink.Rod::withAdjusts);
            rods.list().forEach(of::add);
            return of;
        }
        FieldsOf<ControlLink.Cable> cables = holder(
                        new FieldsOf<>((ControlLink.Cable) of.value(), other -> of.put()
                                .apply(other)),
                        name + "conduit begins on",
                        ControlLink.Cable::mouthOn,
                        ControlLink.Cable::withMouthOn)
                .place(name + "conduit begins at", ControlLink.Cable::mouth, ControlLink.Cable::withMouth);
        holder(cables, name + "conduit ends on", ControlLink.Cable::exitOn, ControlLink.Cable::withExitOn)
                .place(name + "conduit ends at", ControlLink.Cable::exit, ControlLink.Cable::withExit)
                .places(name + "clips between", ControlLink.Cable::clips, ControlLink.Cable::withClips)
                .length(name + "conduit, diameter", ControlLink.Cable::diameter, ControlLink.Cable::withDiameter)
                .length(name + "least bend it bears", ControlLink.Cable::bendRadius, ControlLink.Cable::withBendRadius)
                .length(
                        name + "conduit's length, 0 to be bought",
                        ControlLink.Cable::length,
                        ControlLink.Cable::withLength)
                .measure(name + "friction", Kind.RATIO, ControlLink.Cable::friction, ControlLink.Cable::withFriction);
        cables.list().forEach(of::add);
        return of;
    }

    private List<Named> neighbours(Class<? extends Neighbour> kind) {
        return named(
                job.plan().neighbours().stream().filter(kind::isInstance).toList(), Neighbour::id, Neighbour::label);
    }

    private FieldsOf<Exhaust> exhaust(FieldsOf<Exhaust> of) {
        return of.choice("pipe at Seat", neighbours(Neighbour.PipeRun.class), Exhaust::pipe, Exhaust::withPipe)
                .measure("hotter than the shop by", Kind.TEMPERATURE_RISE, Exhaust::rise, Exhaust::withRise)
                .one("gives in it", Exhaust.Joint.values(), Exhaust.Joint::word, Exhaust::joint, Exhaust::withJoint)
                .length("which gives either way", Exhaust::jointTravel, Exhaust::withJointTravel)
                .each(Exhaust::hangers, Exhaust::withHangers, (hanger, at) -> holder(
                                hanger, "hanger " + (at + 1) + ": on", Exhaust.Hanger::on, Exhaust.Hanger::withOn)
                        .place("hanger " + (at + 1) + ": at", Exhaust.Hanger::at, Exhaust.Hanger::withAt)
                        .length("hanger " + (at + 1) + ": gives", Exhaust.Hanger::give, Exhaust.Hanger::withGive));
    }

    private List<Deed> hangers(Exhaust exhaust, Function<Exhaust, Job> put) {
        List<Deed> deeds = new ArrayList<>();
        deeds.add(Deed.of(
                "A hanger",
                () -> put.apply(exhaust.withHangers(
                        plus(exhaust.hangers(), new Exhaust.Hanger(Holder.DONOR, Vec3.ZERO, 0.005))))));
        if (!exhaust.hangers().isEmpty()) {
            deeds.add(Deed.of(
                    "The last hanger away",
                    () -> put.apply(exhaust.withHangers(
                            without(exhaust.hangers(), exhaust.hangers().size() - 1)))));
        }
        return deeds;
    }

    private static FieldsOf<Carburettor> carburettor(FieldsOf<Carburettor> of) {
        return of.measure("main jet that was right", Kind.FINE_LENGTH, Carburettor::jet, Carburettor::withJet)
                .measure("height where it was right", Kind.DISTANCE, Carburettor::altitude, Carburettor::withAltitude)
                .measure("air there", Kind.TEMPERATURE, Carburettor::temperature, Carburettor::withTemperature)
                .measure(
                        "height where it runs", Kind.DISTANCE, Carburettor::siteAltitude, Carburettor::withSiteAltitude)
                .measure(
                        "air where it runs",
                        Kind.TEMPERATURE,
                        Carburettor::siteTemperature,
                        Carburettor::withSiteTemperature)
                .measure("more jet area for a freer pipe", Kind.SHARE, Carburettor::freer, Carburettor::withFreer)
                .place("from float to main jet", Carburettor::floatToJet, Carburettor::withFloatToJet)
                .angle("may lean", Carburettor::tilt, Carburettor::withTilt)
                .length("fuel over the main jet", Carburettor::depth, Carburettor::withDepth);
    }

    private FieldsOf<FuelFeed> fuel(FieldsOf<FuelFeed> of) {
        return of.choice("tank at Seat", neighbours(Neighbour.Tank.class), FuelFeed::tank, FuelFeed::withTank)
                .measure("pump, 0 for none", Kind.PRESSURE, FuelFeed::pump, FuelFeed::withPump)
                .length("bore of the line", FuelFeed::bore, FuelFeed::withBore)
                .length("length of the line", FuelFeed::length, FuelFeed::withLength)
                .measure(
                        "burns in an hour for each kW",
                        Kind.MASS,
                        each -> each.burns() * FuelFeed.KILOWATT_HOUR,
                        (each, typed) -> each.withBurns(typed / FuelFeed.KILOWATT_HOUR))
                .angle("steepest slope", FuelFeed::slope, FuelFeed::withSlope)
                .placeIfKnown("its tank breathes at", FuelFeed::vent, FuelFeed::withVent);
    }

    private static FieldsOf<Circuit> circuit(FieldsOf<Circuit> of) {
        return of.words("mark", Circuit::id, Circuit::withId)
                .words("called", Circuit::label, Circuit::withLabel)
                .places("way round", Circuit::round, Circuit::withRound)
                .places("bleeds", Circuit::bleeds, Circuit::withBleeds)
                .places("drains", Circuit::drains, Circuit::withDrains)
                .measure("heat into it over power", Kind.RATIO, Circuit::share, Circuit::withShare)
                .measure("core that meets the air", Kind.AREA, Circuit::face, Circuit::withFace)
                .measure("air before the core", Kind.SPEED, Circuit::airSpeed, Circuit::withAirSpeed)
                .measure("coolant may get", Kind.TEMPERATURE, Circuit::hottest, Circuit::withHottest)
                .measure("hottest air", Kind.TEMPERATURE, Circuit::air, Circuit::withAir);
    }

    private static FieldsOf<Lead> lead(FieldsOf<Lead> of) {
        of.words("mark", Lead::id, Lead::withId)
                .words("called", Lead::label, Lead::withLabel)
                .one("is", Lead.Use.values(), Lead.Use::word, Lead::use, Lead::withUse);
        holder(of, "begins on", Lead::fromOn, Lead::withFromOn).place("begins at", Lead::from, Lead::withFrom);
        return holder(of, "ends on", Lead::toOn, Lead::withToOn)
                .place("ends at", Lead::to, Lead::withTo)
                .length("length", Lead::length, Lead::withLength)
                .measure("copper", Kind.AREA, Lead::area, Lead::withArea)
                .measure("carries at most", Kind.CURRENT, Lead::current, Lead::withCurrent)
                .measure("fuse, 0 for none", Kind.CURRENT, Lead::fuse, Lead::withFuse);
    }

    private List<Named> turning() {
        List<Named> all = new ArrayList<>(List.of(new Named(RotatingGuard.OUTPUT, "the engine's output")));
        all.addAll(named(job.line().stages(), Stage::id, Stage::label));
        all.addAll(named(job.line().shafts(), JackShaft::id, JackShaft::label));
        return all;
    }

    private FieldsOf<RotatingGuard> guard(FieldsOf<RotatingGuard> of) {
        return of.words("mark", RotatingGuard::id, RotatingGuard::withId)
                .words("called", RotatingGuard::label, RotatingGuard::withLabel)
                .choice("before", turning(), RotatingGuard::over, RotatingGuard::withOver)
                .one("holes", Opening.values(), Opening::word, RotatingGuard::shape, RotatingGuard::withShape)
                .length("width of a hole, 0 for closed", RotatingGuard::opening, RotatingGuard::withOpening)
                .length("to what turns", RotatingGuard::distance, RotatingGuard::withDistance);
    }

    private static FieldsOf<Shock> shock(FieldsOf<Shock> of) {
        return of.words("mark", Shock::id, Shock::withId)
                .words("called", Shock::label, Shock::withLabel)
                .place("pivot of the arm", Shock::pivot, Shock::withPivot)
                .way("axis of that pivot", Shock::axis, Shock::withAxis)
                .place("axle", Shock::axle, Shock::withAxle)
                .place("lower eye", Shock::onArm, Shock::withOnArm)
                .place("upper eye", Shock::onFrame, Shock::withOnFrame)
                .length("axle goes down", Shock::droop, Shock::withDroop)
                .length("axle goes up", Shock::bump, Shock::withBump)
                .length("closed", Shock::shortest, Shock::withShortest)
                .length("open", Shock::longest, Shock::withLongest)
                .length("strap stops it at, 0 for none", Shock::strap, Shock::withStrap);
    }

    private static FieldsOf<Spline> spline(FieldsOf<Spline> of) {
        return of.words("mark", Spline::id, Spline::withId)
                .words("called", Spline::label, Spline::withLabel)
                .place("its middle", Spline::at, Spline::withAt)
                .way("axis of the shaft", Spline::axis, Spline::withAxis)
                .length("diameter where it bears", Spline::diameter, Spline::withDiameter)
                .count("teeth", Spline::teeth, Spline::withTeeth)
                .length("height of a tooth that bears", Spline::height, Spline::withHeight)
                .length("length that bears", Spline::engaged, Spline::withEngaged)
                .measure("torque", Kind.TORQUE, Spline::torque, Spline::withTorque)
                .measure("run-out, high less low", Kind.FINE_LENGTH, Spline::runOut, Spline::withRunOut);
    }

    private static FieldsOf<DryBox> box(FieldsOf<DryBox> of) {
        return of.words("mark", DryBox::id, DryBox::withId)
                .words("called", DryBox::label, DryBox::withLabel)
                .place("its middle", DryBox::at, DryBox::withAt)
                .place("size", DryBox::size, DryBox::withSize);
    }

    private static FieldsOf<OilDrain> drain(FieldsOf<OilDrain> of) {
        return of.words("mark", OilDrain::id, OilDrain::withId)
                .words("called", OilDrain::label, OilDrain::withLabel)
                .place("its lowest point", OilDrain::at, OilDrain::withAt)
                .length("pan, width", OilDrain::panWidth, OilDrain::withPanWidth)
                .length("pan, height", OilDrain::panHeight, OilDrain::withPanHeight);
    }

    /** What can be added round the engine. */
    static List<Deed> additions(Job job) {
        return new RunAdditions(job).all();
    }
}
