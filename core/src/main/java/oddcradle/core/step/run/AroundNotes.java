package oddcradle.core.step.run;

import static oddcradle.core.finding.Why.input;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import oddcradle.core.around.CircuitTraps;
import oddcradle.core.around.LeadDrop;
import oddcradle.core.around.LeadFuse;
import oddcradle.core.around.Opening;
import oddcradle.core.around.Radiator;
import oddcradle.core.around.ShockTravel;
import oddcradle.core.around.SplineFit;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.drive.Stage;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.job.Job;
import oddcradle.core.job.around.Circuit;
import oddcradle.core.job.around.Holder;
import oddcradle.core.job.around.Lead;
import oddcradle.core.job.around.RotatingGuard;
import oddcradle.core.job.around.Shock;
import oddcradle.core.job.around.Spline;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;

/** Hoses, wires, guards and shock absorbers against the seat and against what turns. */
final class AroundNotes {
    /** A bleed this far off a top still lets its air out, m. */
    private static final double BLEED_REACH = 0.06;

    /** Volts that a starter may lose on its way there and back; common practice for twelve. */
    private static final double MOST_DROP = 0.5;

    /** Of a plug lead beyond its way, m; common practice. */
    private static final double MOST_LOOP = 0.3;

    /** Of a shaft that was made longer, high less low, m; common practice. */
    private static final double MOST_RUN_OUT = 1e-4;

    /** From alternator to battery and back, V; common practice. */
    private static final double MOST_CHARGE_DROP = 0.3;

    /** A shock absorber that leans less than this off its arm pushes the pivot, rad: 30 degrees; common practice. */
    private static final double LEAST_LEAN = Math.toRadians(30);

    private final Job job;
    private final Standing standing;
    private final ReportBuilder report;

    private AroundNotes(Job job, Standing standing, ReportBuilder report) {
        this.job = job;
        this.standing = standing;
        this.report = report;
    }

    static void say(Job job, Standing standing, ReportBuilder report) {
        AroundNotes notes = new AroundNotes(job, standing, report);
        job.around().circuits().forEach(notes::circuit);
        notes.wires();
        notes.guards();
        job.around().shocks().forEach(notes::shock);
        job.around().splines().forEach(notes::spline);
    }

    private static Place at(String id, List<Vec3> points) {
        return new Place(List.of(Subject.around(id)), points);
    }

    private void circuit(Circuit circuit) {
        CircuitTraps traps = CircuitTraps.of(circuit.round(), circuit.bleeds(), circuit.drains(), BLEED_REACH);
        Why why = new Why(
                "tops and bottoms of the way round, as the machine stands level, that no bleed or drain is near",
                List.of(input("near is", Quantity.length(BLEED_REACH))),
                Source.commonPractice());
        if (!traps.high().isEmpty()) {
            report.say(
                    RunFinding.CIRCUIT,
                    Severity.WATCH,
                    Phrase.of(
                            "{}: air stays at {} of its tops; put a bleed there, lower the hose, or tilt the machine to fill it",
                            circuit.label(),
                            Integer.toString(traps.high().size())),
                    at(circuit.id(), traps.high()),
                    why);
        } else {
            report.say(
                    RunFinding.CIRCUIT,
                    Severity.GOOD,
                    Phrase.of("{}: every top can be bled", circuit.label()),
                    at(circuit.id(), circuit.bleeds()),
                    why);
        }
        if (!traps.low().isEmpty()) {
            report.say(
                    RunFinding.CIRCUIT,
                    Severity.NOTE,
                    Phrase.of(
                            "{}: {} of its bottoms do not drain: what stays there freezes",
                            circuit.label(),
                            Integer.toString(traps.low().size())),
                    at(circuit.id(), traps.low()),
                    why);
        }
        if (circuit.share() > 0) {
            radiator(circuit);
        }
    }

    private void radiator(Circuit circuit) {
        double power = job.donor().engine().maxPower();
        Radiator needs = Radiator.of(power, circuit.share(), circuit.face(), circuit.airSpeed());
        double has = circuit.hottest() - circuit.air();
        Why why = new Why(
                "heat = share x power; over the air by heat / (0.5 rho cp face speed)",
                List.of(
                        input("power at the crank", new Quantity(power, Kind.POWER)),
                        input("share", Quantity.ratio(circuit.share())),
                        input("core", Quantity.area(circuit.face())),
                        input("air before it", Quantity.speed(circuit.airSpeed()))),
                Source.fromMemory(
                        "heat balance of engines, Heywood; half of what its air could carry, common practice for one or two rows of tubes"));
        report.figure(circuit.label() + ": heat to lose", new Quantity(needs.heat(), Kind.POWER), why);
        Quantity limit = new Quantity(has, Kind.TEMPERATURE_RISE);
        Quantity over = new Quantity(needs.coolantOverAir(), Kind.TEMPERATURE_RISE);
        report.atMost(
                RunFinding.CIRCUIT,
                Severity.WATCH,
                over,
                limit,
                Phrase.of("{}: full power for long needs the coolant {} over the air", circuit.label(), over),
                Phrase.of(
                        "{}: full power for long would need the coolant {} over the air, {} is there: more core, or more air through it",
                        circuit.label(),
                        over,
                        limit),
                at(circuit.id(), List.of()),
                why);
    }

    private void wires() {
        List<Lead> leads = job.around().leads();
        for (Lead lead : leads) {
            Vec3 from = standing.place(lead.fromOn(), lead.from());
            Vec3 to = standing.place(lead.toOn(), lead.to());
            boolean crosses = lead.fromOn() != lead.toOn();
            double sway = crosses ? standing.sway(lead.fromOn() == Holder.DONOR ? from : to) : 0;
            double wants = from.distanceTo(to) + sway;
            Why why = new Why(
                    "straight from end to end + movement of the engine between them",
                    List.of(
                            input("straight", Quantity.length(from.distanceTo(to))),
                            input("movement", Quantity.length(sway))),
                    Source.derived("places of its ends"));
            report.atLeast(
                    RunFinding.WIRE,
                    Severity.STOP,
                    Quantity.length(lead.length()),
                    Quantity.length(wants),
                    Phrase.of("{} reaches with {} to spare", lead.label(), Quantity.length(lead.length() - wants)),
                    Phrase.of(
                            "{} is {} too short once the engine moves: it tears off",
                            lead.label(),
                            Quantity.length(wants - lead.length())),
                    at(lead.id(), List.of(from, to)),
                    why);
        }
        leads.forEach(this::fuse);
        leads.forEach(this::loops);
        starter(leads);
        alternator(leads);
    }

    /** A plug lead that hangs in loops strikes over to metal and chafes. */
    private void loops(Lead lead) {
        Vec3 from = standing.place(lead.fromOn(), lead.from());
        Vec3 to = standing.place(lead.toOn(), lead.to());
        double spare = lead.length() - from.distanceTo(to);
        if (lead.use() == Lead.Use.PLUG && spare > MOST_LOOP) {
            report.say(
                    RunFinding.WIRE,
                    Severity.NOTE,
                    Phrase.of(
                            "{} is {} longer than its way: it loops against metal and the spark goes astray; shorten it, or set the coil nearer",
                            lead.label(),
                            Quantity.length(spare)),
                    at(lead.id(), List.of(from, to)),
                    new Why("length - straight from end to end", List.of(), Source.commonPractice()));
        }
    }

    /** A wire from the battery that chafes through is a heater along all of its length. */
    private void fuse(Lead lead) {
        boolean loom = lead.use() == Lead.Use.CHARGE || lead.use() == Lead.Use.SIGNAL;
        double most = LeadFuse.largest(lead.area());
        Quantity largest = new Quantity(most, Kind.CURRENT);
        Why why = new Why(
                "11 A for the first mm², then as area to the power of 0.66",
                List.of(input("copper", Quantity.area(lead.area())), input("bears all day", largest)),
                Source.commonPractice());
        if (loom && lead.fuse() == 0) {
            report.say(
                    RunFinding.WIRE,
                    Severity.NOTE,
                    Phrase.of(
                            "{} has no fuse: where it chafes through it glows along its whole length; {} at most, close to the battery",
                            lead.label(),
                            largest),
                    at(lead.id(), List.of()),
                    why);
        } else if (lead.fuse() > 0) {
            Quantity fuse = new Quantity(lead.fuse(), Kind.CURRENT);
            boolean blows = lead.fuse() < lead.current();
            report.atMost(
                    RunFinding.WIRE,
                    lead.fuse() > most ? Severity.STOP : blows ? Severity.WATCH : Severity.GOOD,
                    lead.fuse() > most
                            ? Phrase.of(
                                    "{}: a fuse of {} lets its copper burn, which bears {}; a smaller fuse or thicker copper",
                                    lead.label(),
                                    fuse,
                                    largest)
                            : blows
                                    ? Phrase.of(
                                            "{}: a fuse of {} blows at the {} that it carries",
                                            lead.label(),
                                            fuse,
                                            new Quantity(lead.current(), Kind.CURRENT))
                                    : Phrase.of("{}: its fuse of {} blows before its copper glows", lead.label(), fuse),
                    fuse,
                    largest,
                    at(lead.id(), List.of()),
                    why);
        }
    }

    /** What the alternator makes must come to the battery at its voltage. */
    private void alternator(List<Lead> leads) {
        for (Lead lead : leads) {
            if (lead.use() != Lead.Use.CHARGE) {
                continue;
            }
            double drop = LeadDrop.of(lead.current(), lead.length(), lead.area());
            for (Lead earth : leads) {
                if (earth.use() == Lead.Use.EARTH) {
                    drop += LeadDrop.of(lead.current(), earth.length(), earth.area());
                }
            }
            report.atMost(
                    RunFinding.WIRE,
                    Severity.WATCH,
                    Quantity.voltage(drop),
                    Quantity.voltage(MOST_CHARGE_DROP),
                    Phrase.of("{} loses {} on its way and back", lead.label(), Quantity.voltage(drop)),
                    Phrase.of(
                            "{} loses {} on its way and back: the battery never fills; thicker copper",
                            lead.label(),
                            Quantity.voltage(drop)),
                    at(lead.id(), List.of()),
                    new Why(
                            "I rho L / A, of the lead and the earth straps",
                            List.of(
                                    input("I", new Quantity(lead.current(), Kind.CURRENT)),
                                    input("L", Quantity.length(lead.length())),
                                    input("A", Quantity.area(lead.area()))),
                            Source.derived("copper at 20 °C; 0.3 V at most, common practice")));
        }
    }

    private void spline(Spline spline) {
        Vec3 at = standing.place(Holder.DONOR, spline.at());
        if (spline.runOut() > 0) {
            report.atMost(
                    RunFinding.SPLINE,
                    Severity.WATCH,
                    Quantity.fine(spline.runOut()),
                    Quantity.fine(MOST_RUN_OUT),
                    Phrase.of("{} runs out by {}", spline.label(), Quantity.fine(spline.runOut())),
                    Phrase.of(
                            "{} runs out by {}, {} is usual: it shakes once a turn and works its bearing loose; set it true before it is welded or pinned",
                            spline.label(),
                            Quantity.fine(spline.runOut()),
                            Quantity.fine(MOST_RUN_OUT)),
                    at(spline.id(), List.of(at)),
                    new Why("dial at its free end, high less low", List.of(), Source.commonPractice()));
        }
        double slides = standing.sway(at, standing.turn(Holder.DONOR, spline.axis()));
        double left = spline.engaged() - slides;
        Why why = new Why(
                "engaged length - movement of the engine along the shaft, against one diameter",
                List.of(
                        input("engaged", Quantity.length(spline.engaged())),
                        input("slides", Quantity.length(slides)),
                        input("diameter", Quantity.length(spline.diameter()))),
                Source.commonPractice());
        report.atLeast(
                RunFinding.SPLINE,
                left <= 0 ? Severity.STOP : Severity.WATCH,
                Quantity.length(left),
                Quantity.length(spline.diameter()),
                Phrase.of("{} keeps {} engaged while the engine moves", spline.label(), Quantity.length(left)),
                Phrase.of(
                        "{} keeps {} engaged while the engine moves, one diameter ({}) is wanted: its ends wear to cones and it knocks; a longer sleeve",
                        spline.label(),
                        Quantity.length(Math.max(0, left)),
                        Quantity.length(spline.diameter())),
                at(spline.id(), List.of(at)),
                why);
        if (left > 0) {
            report.figure(
                    spline.label() + ": pressure on its teeth",
                    Quantity.stress(SplineFit.pressure(
                            spline.torque(), spline.diameter(), spline.teeth(), spline.height(), left)),
                    new Why(
                            "2 T / (d z h L 0.75)",
                            List.of(
                                    input("T", Quantity.torque(spline.torque())),
                                    input("d", Quantity.length(spline.diameter())),
                                    input("z", Quantity.count(spline.teeth())),
                                    input("h", Quantity.length(spline.height())),
                                    input("L", Quantity.length(left))),
                            Source.fromMemory(
                                    "machine elements handbooks; some 60 MPa for one that stays, 20 for one that slides under load, hardened")));
        }
    }

    /** What the starter draws goes there and comes back by the strap. */
    private void starter(List<Lead> leads) {
        Optional<Lead> starter =
                leads.stream().filter(each -> each.use() == Lead.Use.STARTER).findFirst();
        if (starter.isEmpty()) {
            return;
        }
        boolean soft = job.cradle().isolators().stream().map(Isolator::element).anyMatch(each -> !each.isHard());
        List<Lead> earths =
                leads.stream().filter(each -> each.use() == Lead.Use.EARTH).toList();
        double current = starter.get().current();
        if (soft && earths.isEmpty()) {
            report.say(
                    RunFinding.WIRE,
                    Severity.STOP,
                    Phrase.of(
                            "no earth strap crosses the rubber: {} of the starter go home through throttle cable, bearings or fuel line; put a strap from block to frame",
                            new Quantity(current, Kind.CURRENT)),
                    at(starter.get().id(), List.of()),
                    new Why("rubber does not carry current", List.of(), Source.commonPractice()));
        }
        double drop = LeadDrop.of(current, starter.get().length(), starter.get().area());
        for (Lead earth : earths) {
            drop += LeadDrop.of(current, earth.length(), earth.area());
        }
        report.atMost(
                RunFinding.WIRE,
                Severity.WATCH,
                Quantity.voltage(drop),
                Quantity.voltage(MOST_DROP),
                Phrase.of("the starter loses {} in its leads", Quantity.voltage(drop)),
                Phrase.of(
                        "the starter loses {} in its leads: it turns slowly when cold; thicker copper, or the battery nearer",
                        Quantity.voltage(drop)),
                at(starter.get().id(), List.of()),
                new Why(
                        "I rho L / A, there and back; limit common practice for 12 V",
                        List.of(
                                input("I", new Quantity(current, Kind.CURRENT)),
                                input(
                                        "L of the starter's lead",
                                        Quantity.length(starter.get().length())),
                                input("A", Quantity.area(starter.get().area()))),
                        Source.fromMemory("copper 1.72e-8 ohm m at 20 °C")));
    }

    private void guards() {
        Set<String> guarded = new HashSet<>();
        for (RotatingGuard guard : job.around().guards()) {
            guarded.add(guard.over());
            guard(guard);
        }
        List<String> bare = new ArrayList<>();
        List<Subject> places = new ArrayList<>();
        for (Stage stage : job.line().stages()) {
            if (!(stage instanceof Stage.Gears) && !guarded.contains(stage.id())) {
                bare.add(stage.label());
                places.add(Subject.stage(stage.id()));
            }
        }
        if (job.line().stages().isEmpty()
                && job.line().end().filter(LineEnd.Propeller.class::isInstance).isEmpty()
                && !guarded.contains(RotatingGuard.OUTPUT)) {
            bare.add("the engine's output");
            places.add(Subject.OUTPUT);
        }
        if (!bare.isEmpty()) {
            report.say(
                    RunFinding.GUARD,
                    Severity.NOT_CHECKED,
                    Phrase.of(
                            "nobody has told of a guard before {}: clothes and hands are caught faster than anybody lets go",
                            String.join(", ", bare)),
                    new Place(places, List.of()),
                    new Why(
                            "every part that turns and can be reached",
                            List.of(),
                            Source.fromMemory("ISO 12100, ISO 14120")));
        }
    }

    private void guard(RotatingGuard guard) {
        double needs = guard.shape().reach(guard.opening());
        Why why = new Why(
                "least distance behind " + guard.shape().word() + " of that size, 14 years and above",
                List.of(
                        input("opening", Quantity.length(guard.opening())),
                        input("distance", Quantity.length(guard.distance()))),
                Source.fromMemory("ISO 13857, reach through openings; look it up before the guard is made"));
        Place where = at(guard.id(), List.of());
        if (guard.opening() > Opening.WIDEST) {
            report.say(
                    RunFinding.GUARD,
                    Severity.STOP,
                    Phrase.of(
                            "{}: an opening of {} is a way in, no guard",
                            guard.label(),
                            Quantity.length(guard.opening())),
                    where,
                    why);
            return;
        }
        report.atLeast(
                RunFinding.GUARD,
                Severity.STOP,
                Quantity.length(guard.distance()),
                Quantity.length(needs),
                guard.opening() == 0
                        ? Phrase.of("{} is closed", guard.label())
                        : Phrase.of(
                                "{}: {} behind {} of {}",
                                guard.label(),
                                Quantity.length(guard.distance()),
                                guard.shape().word(),
                                Quantity.length(guard.opening())),
                Phrase.of(
                        "{}: a finger or an arm reaches through {} of {} to what turns {} behind; {} or smaller holes are wanted",
                        guard.label(),
                        guard.shape().word(),
                        Quantity.length(guard.opening()),
                        Quantity.length(guard.distance()),
                        Quantity.length(needs)),
                where,
                why);
    }

    private void shock(Shock shock) {
        Place where = at(shock.id(), List.of(shock.onArm(), shock.onFrame()));
        ShockTravel travel;
        try {
            travel = ShockTravel.of(
                    shock.pivot(),
                    shock.axis(),
                    shock.axle(),
                    shock.onArm(),
                    shock.onFrame(),
                    shock.droop(),
                    shock.bump());
        } catch (InvalidValue unreachable) {
            report.say(
                    RunFinding.SHOCK,
                    Severity.STOP,
                    Phrase.of(
                            "{}: the arm cannot carry its axle through {} of travel; give less travel or a longer arm",
                            shock.label(),
                            Quantity.length(shock.droop() + shock.bump())),
                    where,
                    new Why("the axle runs on a circle about the arm's pivot", List.of(), Source.derived("places")));
            return;
        }
        shockSays(shock, travel, where);
    }

    private void shockSays(Shock shock, ShockTravel travel, Place where) {
        Why why = new Why(
                "distance of its eyes while the arm turns through its travel",
                List.of(
                        input("shortest in the travel", Quantity.length(travel.shortest())),
                        input("longest in the travel", Quantity.length(travel.longest())),
                        input("closed", Quantity.length(shock.shortest())),
                        input("open", Quantity.length(shock.longest()))),
                Source.derived("exact turning about the arm's pivot"));
        ShockTravel.At full = travel.at().get(travel.at().size() - 1);
        report.figure(shock.label() + ": ratio in full bump", Quantity.ratio(Math.abs(full.ratio())), why);
        report.figure(
                shock.label() + ": ratio in full droop",
                Quantity.ratio(Math.abs(travel.at().get(0).ratio())),
                why);
        report.figure(
                shock.label() + ": least angle to its arm",
                Quantity.angle(travel.leastLean().lean()),
                why);
        boolean strapped = shock.strap() > 0 && shock.strap() <= shock.longest();
        double reaches = strapped ? Math.min(travel.longest(), shock.strap()) : travel.longest();
        boolean binds = travel.shortest() < shock.shortest() || reaches > shock.longest();
        if (binds) {
            report.say(
                    RunFinding.SHOCK,
                    Severity.STOP,
                    travel.shortest() < shock.shortest()
                            ? Phrase.of(
                                    "{} closes {} before the travel is over: it becomes a rod and tears off its mount; move an eye, or stop the wheel before",
                                    shock.label(),
                                    Quantity.length(shock.shortest() - travel.shortest()))
                            : Phrase.of(
                                    "{} is pulled {} beyond its open length{}; a strap, or another eye, must stop the wheel before",
                                    shock.label(),
                                    Quantity.length(travel.longest() - shock.longest()),
                                    shock.strap() > 0 ? ", and its strap is longer than that" : ""),
                    where,
                    why);
        } else if (!travel.keepsSense()) {
            report.say(
                    RunFinding.SHOCK,
                    Severity.STOP,
                    Phrase.of(
                            "{} passes over centre within the travel: it lengthens again while the wheel still rises",
                            shock.label()),
                    where,
                    why);
        } else {
            Quantity lean = Quantity.angle(travel.leastLean().lean());
            report.atLeast(
                    RunFinding.SHOCK,
                    Severity.WATCH,
                    lean,
                    Quantity.angle(LEAST_LEAN),
                    Phrase.of("{} works through its travel, {} to its arm at the least", shock.label(), lean),
                    Phrase.of(
                            "{} leans to {} of its arm: it pushes the pivot more than the wheel and binds; nearer to square is better",
                            shock.label(),
                            lean),
                    where,
                    why);
        }
    }
}
