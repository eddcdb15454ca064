package oddcradle.core.step.run;

import static oddcradle.core.finding.Why.input;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import oddcradle.core.around.CircuitTraps;
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
import oddcradle.core.job.around.RotatingGuard;
import oddcradle.core.job.around.Shock;
import oddcradle.core.job.around.Spline;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;

/** Hoses, guards, shock absorbers and splined joints against the seat and against what turns. */
final class AroundNotes {
    /** A bleed this far off a top still lets its air out, m. */
    private static final double BLEED_REACH = 0.06;

    /** Of a shaft that was made longer, high less low, m; common practice. */
    private static final double MOST_RUN_OUT = 1e-4;

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
        WireNotes.say(job, standing, report);
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
