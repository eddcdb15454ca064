package oddcradle.core.step.run;

import static oddcradle.core.finding.Why.input;

import java.util.List;
import java.util.Optional;
import oddcradle.core.around.Elbow;
import oddcradle.core.around.FloatLevel;
import oddcradle.core.around.FuelFlow;
import oddcradle.core.around.Route;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.engine.Air;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.geometry.distance.PreparedSolid;
import oddcradle.core.job.Job;
import oddcradle.core.job.around.Carburettor;
import oddcradle.core.job.around.Exhaust;
import oddcradle.core.job.around.FuelFeed;
import oddcradle.core.job.around.Holder;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.book.LogEntry;
import oddcradle.core.job.seat.Neighbour;
import oddcradle.core.math.Vec3;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;

/** Fuel, air and exhaust: what the engine breathes against where it stands. */
final class FeedNotes {
    private static final double GRAVITY = 9.80665;

    /** Of steel, 1/K. */
    private static final double EXPANSION = 12e-6;

    /** What a gravity feed of an aircraft must pass of what take-off burns; 14 CFR 23.955. */
    private static final double AIRCRAFT_MARGIN = 1.5;

    /** The same elsewhere: a filter that is half full of dirt; common practice. */
    private static final double MARGIN = 1.25;

    /** Jets come in steps of about this share of their diameter; common practice. */
    private static final double NEXT_SIZE = 0.02;

    /** Ways that a machine is leant for a look at its tank. */
    private static final int LEANS = 8;

    private final Job job;
    private final Standing standing;
    private final ReportBuilder report;

    private FeedNotes(Job job, Standing standing, ReportBuilder report) {
        this.job = job;
        this.standing = standing;
        this.report = report;
    }

    static void say(Job job, Standing standing, ReportBuilder report) {
        FeedNotes notes = new FeedNotes(job, standing, report);
        job.around().exhausts().forEach(notes::exhaust);
        job.around().carburettor().ifPresent(notes::jet);
        job.around().carburettor().ifPresent(notes::level);
        job.around().fuel().ifPresent(notes::fuel);
    }

    private <T extends Neighbour> Optional<T> neighbour(Class<T> kind, String id) {
        return job.plan().neighbours().stream()
                .filter(each -> each.id().equals(id) && kind.isInstance(each))
                .map(kind::cast)
                .findFirst();
    }

    private void missing(RunFinding code, String what, String id) {
        report.say(
                code,
                Severity.WATCH,
                Phrase.of("{} \"{}\" is not drawn at Seat, Around it: nothing can be said of it", what, id),
                new Place(List.of(Subject.around(id)), List.of()),
                new Why("it is looked up by its mark", List.of(), Source.derived("the job")));
    }

    private void exhaust(Exhaust exhaust) {
        Optional<Neighbour.PipeRun> drawn = neighbour(Neighbour.PipeRun.class, exhaust.pipe());
        if (drawn.isEmpty()) {
            missing(RunFinding.EXHAUST, "the pipe", exhaust.pipe());
            return;
        }
        Neighbour.PipeRun pipe = drawn.get();
        Vec3 flange = standing.place(Holder.DONOR, pipe.flange());
        Optional<Route> route = pipe.route(standing.seating().pose());
        if (route.isEmpty()) {
            return;
        }
        elbows(pipe, route.get());
        double grows = EXPANSION * exhaust.rise() * flange.distanceTo(pipe.end());
        double sways = standing.sway(flange);
        Why why = new Why(
                "12e-6 x rise x distance of the ends, and the movement of the flange on the mounts",
                List.of(
                        input("rise", new Quantity(exhaust.rise(), Kind.TEMPERATURE_RISE)),
                        input("flange to silencer", Quantity.length(flange.distanceTo(pipe.end()))),
                        input("grows", Quantity.length(grows)),
                        input("moves", Quantity.length(sways))),
                Source.derived("mild steel; movement of the engine from where it stands"));
        report.figure(pipe.label() + ": grows hot", Quantity.length(grows), why);
        hangers(exhaust, pipe, flange, grows, sways, why);
    }

    /** What is cut out of bought bends, and how far the second is turned. */
    private void elbows(Neighbour.PipeRun pipe, Route route) {
        List<Double> angles = List.of(route.firstAngle(), route.secondAngle());
        for (int k = 0; k < angles.size(); k++) {
            Elbow elbow = new Elbow(angles.get(k), pipe.bendRadius(), pipe.diameter());
            Why why = new Why(
                    "arc at the outside, angle (R + D/2); inside, angle (R - D/2)",
                    List.of(
                            input("angle", Quantity.angle(elbow.angle())),
                            input("R", Quantity.length(pipe.bendRadius())),
                            input("D", Quantity.length(pipe.diameter()))),
                    Source.derived("a bend of one radius"));
            String name = pipe.label() + ": elbow " + (k + 1);
            report.figure(name + ", cut along its outside", Quantity.length(elbow.outside()), why);
            report.figure(name + ", cut along its inside", Quantity.length(elbow.inside()), why);
            slices(name, elbow);
        }
        report.figure(
                pipe.label() + ": elbow 2 is turned, along the outside",
                Quantity.length(Elbow.turnMark(route.twist(), pipe.diameter())),
                new Why(
                        "twist x D / 2",
                        List.of(input("twist", Quantity.angle(route.twist()))),
                        Source.derived("angle between the planes of the two bends")));
    }

    /** The same of straight pipe, for whoever has no bend. */
    private void slices(String name, Elbow elbow) {
        int joints = elbow.joints();
        Why why = new Why(
                "cuts of angle / (2 joints), the two ends half slices; slice = 2 tan(cut) (R + D/2)",
                List.of(input("angle", Quantity.angle(elbow.angle())), input("joints", Quantity.count(joints))),
                Source.derived("polygon about the bend; cuts of 11 1/4 degrees at most, common practice"));
        report.figure(name + ", of slices: joints", Quantity.count(joints), why);
        report.figure(name + ", of slices: saw from square", Quantity.angle(elbow.mitre(joints)), why);
        report.figure(
                name + ", of slices: long side of a slice",
                Quantity.length(elbow.slice(joints).get(0)),
                why);
    }

    /** A pipe is part of the engine up to the first thing in it that gives. */
    private void hangers(Exhaust exhaust, Neighbour.PipeRun pipe, Vec3 flange, double grows, double sways, Why why) {
        boolean stiff = exhaust.joint() == Exhaust.Joint.NONE;
        Place where = new Place(List.of(Subject.around(exhaust.pipe())), List.of(flange, pipe.end()));
        boolean said = false;
        for (int k = 0; k < exhaust.hangers().size(); k++) {
            Exhaust.Hanger hanger = exhaust.hangers().get(k);
            if (hanger.on() == Holder.HOST && stiff) {
                double moves = standing.sway(hanger.at()) + EXPANSION * exhaust.rise() * flange.distanceTo(hanger.at());
                if (moves > hanger.give()) {
                    said = true;
                    report.atMost(
                            RunFinding.EXHAUST,
                            Severity.STOP,
                            Phrase.of(
                                    "{}: hanger {} on the frame gives {}, the pipe moves {} there: the flange or the header cracks; hang it on the engine, or put in a joint",
                                    pipe.label(),
                                    Integer.toString(k + 1),
                                    Quantity.length(hanger.give()),
                                    Quantity.length(moves)),
                            Quantity.length(moves),
                            Quantity.length(hanger.give()),
                            new Place(List.of(Subject.around(exhaust.pipe())), List.of(hanger.at())),
                            why);
                }
            }
        }
        if (!stiff && grows + sways > exhaust.jointTravel()) {
            said = true;
            report.atMost(
                    RunFinding.EXHAUST,
                    Severity.WATCH,
                    Phrase.of(
                            "{}: the {} gives {}, growth and movement want {}",
                            pipe.label(),
                            exhaust.joint().word(),
                            Quantity.length(exhaust.jointTravel()),
                            Quantity.length(grows + sways)),
                    Quantity.length(grows + sways),
                    Quantity.length(exhaust.jointTravel()),
                    where,
                    why);
        }
        if (!stiff && exhaust.hangers().stream().allMatch(each -> each.on() == Holder.HOST)
                || stiff && exhaust.hangers().isEmpty()) {
            said = true;
            report.say(
                    RunFinding.EXHAUST,
                    Severity.NOTE,
                    Phrase.of(
                            "{}: nothing but its flange carries the piece on the engine; a hanger on the engine keeps its weight off the studs",
                            pipe.label()),
                    where,
                    new Why("weight on a lever at the flange, shaken", List.of(), Source.commonPractice()));
        }
        if (!said) {
            report.say(
                    RunFinding.EXHAUST,
                    Severity.GOOD,
                    Phrase.of(
                            "{}: hangers and joint give for {} of growth and {} of movement",
                            pipe.label(),
                            Quantity.length(grows),
                            Quantity.length(sways)),
                    where,
                    why);
        }
    }

    private void jet(Carburettor carburettor) {
        Air then = new Air(Air.standard(carburettor.altitude()).pressure(), carburettor.temperature());
        Air now = new Air(Air.standard(carburettor.siteAltitude()).pressure(), carburettor.siteTemperature());
        double thin = now.jet(carburettor.jet(), then);
        double jet = thin * Math.sqrt(1 + carburettor.freer());
        Why why = new Why(
                "jet x (density there / density then)^(1/4) x sqrt(1 + freer)",
                List.of(
                        input("jet", Quantity.fine(carburettor.jet())),
                        input("density then", new Quantity(then.density(), Kind.DENSITY)),
                        input("density there", new Quantity(now.density(), Kind.DENSITY)),
                        input("freer", Quantity.share(carburettor.freer()))),
                Source.fromMemory(
                        "equal mixture: fuel through a jet goes as its area and the root of the air's density; what a freer pipe asks is by trial"));
        report.figure("main jet for where it runs", Quantity.fine(jet), why);
        double in = job.book()
                .last(LogEntry.Work.JET)
                .map(LogEntry::value)
                .filter(value -> value > 0)
                .orElse(carburettor.jet());
        boolean pull = carburettor.freer() > 0 && thin < carburettor.jet();
        boolean off = Math.abs(jet / in - 1) > NEXT_SIZE;
        report.say(
                RunFinding.CARBURETTOR,
                off ? Severity.WATCH : Severity.GOOD,
                off
                        ? Phrase.of(
                                "main jet: {} for where it runs, {} is in{}; begin one size richer and read the plug",
                                Quantity.fine(jet),
                                Quantity.fine(in),
                                pull ? "; thin air and a freer pipe pull opposite ways" : "")
                        : Phrase.of(
                                "main jet: {} is in, {} is right where it runs", Quantity.fine(in), Quantity.fine(jet)),
                Place.of(Subject.around("carburettor")),
                why);
    }

    private void level(Carburettor carburettor) {
        Vec3 floatToJet = standing.turn(Holder.DONOR, carburettor.floatToJet());
        Vec3 upright = standing.turn(Holder.DONOR, Vec3.Z);
        double leans = upright.angleTo(Vec3.Z);
        Why tilt = new Why(
                "angle between the engine's own upright and the machine's",
                List.of(input("leans", Quantity.angle(leans))),
                Source.derived("the seat"));
        report.atMost(
                RunFinding.CARBURETTOR,
                Severity.WATCH,
                Quantity.angle(leans),
                Quantity.angle(carburettor.tilt()),
                Phrase.of("the float bowl leans {}", Quantity.angle(leans)),
                Phrase.of(
                        "the float bowl leans {}, {} is what it bears: turn it on its flange or set the float anew",
                        Quantity.angle(leans),
                        Quantity.angle(carburettor.tilt())),
                Place.of(Subject.around("carburettor")),
                tilt);
        double least = Double.POSITIVE_INFINITY;
        for (Vec3 pull : List.of(Vec3.X, Vec3.X.negated(), Vec3.Y, Vec3.Y.negated())) {
            least = Math.min(least, FloatLevel.over(floatToJet, Vec3.Z.negated(), pull.times(0.6 * GRAVITY)));
        }
        double left = carburettor.depth() + least;
        report.atLeast(
                RunFinding.CARBURETTOR,
                Severity.WATCH,
                Quantity.length(left),
                Quantity.length(0),
                Phrase.of("main jet keeps {} of fuel over it at 0.6 g any way", Quantity.length(left)),
                Phrase.of(
                        "main jet stands dry at 0.6 g: the surface falls {} there, {} is over it; turn the bowl so that the jet lies beside its float",
                        Quantity.length(-least),
                        Quantity.length(carburettor.depth())),
                Place.of(Subject.around("carburettor")),
                new Why(
                        "the surface lies square to gravity and acceleration and pivots about the float",
                        List.of(
                                input("float to jet", Quantity.length(floatToJet.length())),
                                input("depth", Quantity.length(carburettor.depth()))),
                        Source.derived("a still surface; 0.6 g either way, common practice")));
    }

    private void fuel(FuelFeed feed) {
        Optional<Neighbour.Tank> drawn = neighbour(Neighbour.Tank.class, feed.tank());
        if (drawn.isEmpty()) {
            missing(RunFinding.FUEL, "the tank", feed.tank());
            return;
        }
        Neighbour.Tank tank = drawn.get();
        Vec3 inlet = standing.place(Holder.DONOR, tank.inlet());
        Vec3 over = tank.outlet().minus(inlet);
        double aside = Math.hypot(over.x(), over.y());
        double head = over.z() * Math.cos(feed.slope()) - aside * Math.sin(feed.slope());
        double whole = head + feed.pump() / (FuelFlow.DENSITY * GRAVITY);
        boolean flies =
                job.line().end().filter(LineEnd.Propeller.class::isInstance).isPresent();
        double power = job.donor().engine().maxPower();
        double needs = power * feed.burns() * (flies ? AIRCRAFT_MARGIN : MARGIN);
        double runs = FuelFlow.of(whole, feed.bore(), feed.length());
        Why why = new Why(
                "what runs under the head at the steepest slope, its tank all but empty; need = power x burns x "
                        + (flies ? "1.5" : "1.25"),
                List.of(
                        input("head there", Quantity.length(head)),
                        input("pump", Quantity.pressure(feed.pump())),
                        input("bore", Quantity.length(feed.bore())),
                        input("line", Quantity.length(feed.length())),
                        input("power", new Quantity(power, Kind.POWER))),
                Source.fromMemory((flies ? "14 CFR 23.955; " : "margin for a filter half full, common practice; ")
                        + "Hagen-Poiseuille and Blasius; tap, filter and float needle as twelve velocity heads"));
        report.figure("fuel that runs to the carburettor", Quantity.massFlow(runs), why);
        report.atLeast(
                RunFinding.FUEL,
                Severity.STOP,
                Quantity.massFlow(runs),
                Quantity.massFlow(needs),
                Phrase.of(
                        "{}: {} can run on a slope of {}, {} is needed",
                        tank.label(),
                        Quantity.massFlow(runs),
                        Quantity.angle(feed.slope()),
                        Quantity.massFlow(needs)),
                Phrase.of(
                        "{}: on a slope of {} only {} runs, {} is needed: the engine starves at full power; lift the tank, a wider line, or a pump",
                        tank.label(),
                        Quantity.angle(feed.slope()),
                        Quantity.massFlow(runs),
                        Quantity.massFlow(needs)),
                new Place(List.of(Subject.around("fuel")), List.of(tank.outlet(), inlet)),
                why);
        vent(feed, tank);
    }

    /** A full tank on a slope must not run out where it breathes; one that cannot breathe starves the engine. */
    private void vent(FuelFeed feed, Neighbour.Tank tank) {
        Place where =
                new Place(List.of(Subject.around("fuel")), feed.vent().stream().toList());
        Why why = new Why(
                "height of the vent's mouth over the highest point of the tank, the machine leaning either way by the steepest slope",
                List.of(input("slope", Quantity.angle(feed.slope()))),
                Source.derived("a full tank; a hose that rises on its way"));
        Optional<KeepOut> drawn = job.host().keepOuts().stream()
                .filter(each -> each.id().equals(tank.tank()))
                .findFirst();
        if (feed.vent().isEmpty() || drawn.isEmpty()) {
            report.say(
                    RunFinding.FUEL,
                    Severity.NOTE,
                    Phrase.of(
                            "{}: nobody has told where it breathes; without air coming in no fuel goes out",
                            tank.label()),
                    where,
                    why);
            return;
        }
        double least = Double.POSITIVE_INFINITY;
        for (int k = 0; k < LEANS; k++) {
            double way = 2 * Math.PI * k / LEANS;
            Vec3 up = new Vec3(
                    Math.sin(feed.slope()) * Math.cos(way),
                    Math.sin(feed.slope()) * Math.sin(way),
                    Math.cos(feed.slope()));
            double top = drawn.get().solids().stream()
                    .mapToDouble(solid -> PreparedSolid.of(solid).farthest(up).dot(up))
                    .max()
                    .orElseThrow();
            least = Math.min(least, feed.vent().get().dot(up) - top);
        }
        report.atLeast(
                RunFinding.FUEL,
                Severity.WATCH,
                Quantity.length(least),
                Quantity.length(0),
                Phrase.of("{}: its vent stays {} over the fuel on every slope", tank.label(), Quantity.length(least)),
                Phrase.of(
                        "{}: on a slope of {} a full tank stands {} over the mouth of its vent and runs out there; lead the vent higher, across the tank",
                        tank.label(),
                        Quantity.angle(feed.slope()),
                        Quantity.length(-least)),
                where,
                why);
    }
}
