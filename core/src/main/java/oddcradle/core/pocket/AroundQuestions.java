package oddcradle.core.pocket;

import static oddcradle.core.finding.Why.input;

import java.util.List;
import java.util.Optional;
import oddcradle.core.around.GroundStance;
import oddcradle.core.around.Route;
import oddcradle.core.around.ShockTravel;
import oddcradle.core.engine.Air;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Figure;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Step;
import oddcradle.core.job.around.Carburettor;
import oddcradle.core.job.around.Shock;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.step.run.ControlFound;
import oddcradle.core.units.Quantity;

/** Cables, jets, shock absorbers, landing gear. */
final class AroundQuestions {
    private static final double THOUSANDTH = 2.54e-5;
    private static final double GRAVITY = 9.80665;

    private AroundQuestions() {}

    static PocketAnswer jet(Asked asked) {
        Optional<Carburettor> has =
                asked.open().flatMap(each -> each.job().around().carburettor());
        double jet = asked.known("jet")
                .or(() -> has.map(Carburettor::jet))
                .orElseThrow(() -> new InvalidValue(
                        "jet",
                        "is missing: give the jet that is right now, or tell of the carburettor at Run, Around"));
        Guard.within("jet", jet, 0.0002, 0.003, "m");
        double altitude = asked.known("altitude")
                .or(() -> has.map(Carburettor::siteAltitude))
                .orElseThrow(() -> new InvalidValue("altitude", "is missing: give the height it is for"));
        double from =
                asked.known("from").or(() -> has.map(Carburettor::altitude)).orElse(0.0);
        double freer =
                asked.known("freer").or(() -> has.map(Carburettor::freer)).orElse(0.0);
        Guard.within("freer", freer, -0.5, 0.5, "");
        Air then = has.isPresent() && !asked.has("jet")
                ? new Air(Air.standard(from).pressure(), has.get().temperature())
                : Air.standard(from);
        Air there = asked.known("temperature")
                .map(warm -> new Air(Air.standard(altitude).pressure(), warm))
                .orElseGet(() -> has.isPresent() && !asked.has("altitude")
                        ? new Air(Air.standard(altitude).pressure(), has.get().siteTemperature())
                        : Air.standard(altitude));
        double thin = there.jet(jet, then);
        double wanted = thin * Math.sqrt(1 + freer);
        Said said = new Said(
                        "jet x (density there / density then)^(1/4) x sqrt(1 + freer)",
                        Source.fromMemory(
                                "equal mixture; what a freer pipe asks is by trial, 5 to 10 % of area; International Standard Atmosphere where no temperature is given"),
                        input("jet", Quantity.fine(jet)),
                        input("density then, over sea level", Quantity.ratio(then.density() / 1.225)),
                        input("density there, over sea level", Quantity.ratio(there.density() / 1.225)),
                        input("freer", Quantity.share(freer)))
                .says(
                        "{}: number {} in thousandths of an inch, {} in hundredths of a millimetre",
                        Quantity.fine(wanted),
                        Long.toString(Math.round(wanted / THOUSANDTH)),
                        Long.toString(Math.round(wanted * 1e5)))
                .figure("jet", Quantity.fine(wanted))
                .figure("for the air alone", Quantity.fine(thin))
                .figure("power there, over power then", Quantity.share(there.density() / then.density()));
        if (freer > 0 && altitude > from + 100) {
            said.says("thin air asks for a smaller jet, a freer pipe for a larger one: they pull opposite ways");
        }
        return said.says("begin one size richer and read the plug").answer();
    }

    static PocketAnswer cable(Asked asked) {
        if (asked.isTyped()) {
            double ahead = asked.number("ahead");
            double aside = asked.number("aside", 0);
            double up = asked.number("up", 0);
            double radius = Guard.size("radius", asked.number("radius"));
            double turn = asked.number("turn", 0);
            Vec3 arrives = new Vec3(Math.cos(turn), 0, Math.sin(turn));
            Vec3 to = new Vec3(ahead, aside, up);
            Optional<Route> route = Route.between(Vec3.ZERO, Vec3.X, to, arrives, radius);
            Said said = new Said(
                    "two bends of the least radius and the line between them; leaves forward",
                    Source.derived("plane geometry in space"),
                    input("straight", Quantity.length(to.length())),
                    input("radius", Quantity.length(radius)));
            return route.map(each -> said.says(
                                    "{} along its middle, in bends of {}",
                                    Quantity.length(each.length()),
                                    Quantity.length(radius))
                            .figure("conduit", Quantity.length(each.length()))
                            .figure("bends", Quantity.angle(each.firstAngle() + each.secondAngle()))
                            .answer())
                    .orElseGet(() -> said.says(
                                    "too tight: bends of {} do not fit between these ends; move an end, or turn it",
                                    Quantity.length(radius))
                            .answer());
        }
        Examination open = asked.job();
        Said said = new Said(
                "length of the curve of least bending through its clips + movement of the engine",
                Source.derived("ends and clips"));
        int count = 0;
        for (ControlFound found : open.run().controls()) {
            for (ControlFound.Laid laid : found.cables()) {
                count++;
                boolean tight = laid.path().tightest() < laid.given().bendRadius();
                said.says(
                        "{}: conduit of {}, tightest bend {}" + (tight ? ", too tight: it bears {}" : "; it bears {}"),
                        found.control().label(),
                        Quantity.length(laid.wanted()),
                        Quantity.length(laid.path().tightest()),
                        Quantity.length(laid.given().bendRadius()));
                said.figure(found.control().label() + ": conduit", Quantity.length(laid.wanted()))
                        .figure(
                                found.control().label() + ": tightest bend",
                                Quantity.length(laid.path().tightest()));
            }
        }
        if (count == 0) {
            throw new InvalidValue(
                    "cable", "is missing in this job: draw a control at Run, Controls, or give where its ends are");
        }
        return said.answer();
    }

    static PocketAnswer shock(Asked asked) {
        if (asked.isTyped()) {
            double arm = Guard.size("arm", asked.number("arm"));
            double eye = Guard.size("eye", asked.number("eye"));
            double half = Guard.size("travel", asked.number("travel")) / 2;
            double forward = asked.number("top-forward");
            double up = asked.number("top-up");
            // The arm points aft and level.
            ShockTravel travel = ShockTravel.of(
                    Vec3.ZERO,
                    Vec3.Y,
                    new Vec3(-arm, 0, 0),
                    new Vec3(-eye, 0, 0),
                    new Vec3(forward, 0, up),
                    half,
                    half);
            Said said = said(travel);
            judge(said, "", travel, asked.known("closed"), asked.known("open"));
            return said.answer();
        }
        Examination open = asked.job();
        List<Shock> shocks = open.job().around().shocks();
        if (shocks.isEmpty()) {
            throw new InvalidValue(
                    "shock", "is missing in this job: tell of it at Run, Around, or give arm, eyes and travel");
        }
        Said said = null;
        for (Shock shock : shocks) {
            ShockTravel travel = ShockTravel.of(
                    shock.pivot(),
                    shock.axis(),
                    shock.axle(),
                    shock.onArm(),
                    shock.onFrame(),
                    shock.droop(),
                    shock.bump());
            said = said == null ? said(travel) : said;
            judge(said, shock.label() + ": ", travel, Optional.of(shock.shortest()), Optional.of(shock.longest()));
        }
        return said.answer();
    }

    private static Said said(ShockTravel travel) {
        return new Said(
                "distance of its eyes and its angle to the arm through the travel",
                Source.derived("exact turning about the arm's pivot; 30 degrees to the arm at least, common practice"),
                input("shortest", Quantity.length(travel.shortest())),
                input("longest", Quantity.length(travel.longest())));
    }

    private static void judge(
            Said said, String whose, ShockTravel travel, Optional<Double> closed, Optional<Double> open) {
        double lean = travel.leastLean().lean();
        if (closed.isPresent() && travel.shortest() < closed.get()) {
            said.saysOf(
                    whose,
                    "it binds: it would have to close to {}, {} is its closed length",
                    Quantity.length(travel.shortest()),
                    Quantity.length(closed.get()));
        } else if (open.isPresent() && travel.longest() > open.get()) {
            said.saysOf(
                    whose,
                    "it is pulled out to {}, {} is its open length",
                    Quantity.length(travel.longest()),
                    Quantity.length(open.get()));
        } else if (!travel.keepsSense()) {
            said.saysOf(whose, "it passes over centre within the travel");
        } else if (lean < Math.toRadians(30)) {
            said.saysOf(whose, "it binds by its angle: {} to the arm, it pushes the pivot", Quantity.angle(lean));
        } else {
            said.saysOf(whose, "it does not bind: {} to the arm at the least", Quantity.angle(lean));
        }
        said.figure(whose + "shortest", Quantity.length(travel.shortest()))
                .figure(whose + "longest", Quantity.length(travel.longest()))
                .figure(whose + "least angle to the arm", Quantity.angle(lean))
                .figure(
                        whose + "ratio in droop",
                        Quantity.ratio(Math.abs(travel.at().get(0).ratio())))
                .figure(
                        whose + "ratio in bump",
                        Quantity.ratio(
                                Math.abs(travel.at().get(travel.at().size() - 1).ratio())));
    }

    static PocketAnswer stance(Asked asked) {
        if (!asked.isTyped()) {
            Examination open = asked.job();
            Said said = new Said("clearance of the propeller as the machine stands", Source.derived("Line"));
            List<Figure> figures = open.report(Step.LINE).figures().stream()
                    .filter(each ->
                            each.name().contains("propeller") || each.name().contains("ground"))
                    .toList();
            if (figures.isEmpty()) {
                throw new InvalidValue("lift", "is missing: give lift, wheelbase, hub and propeller");
            }
            figures.forEach(each -> said.figure(each.name(), each.quantity()));
            return said.says("as it stands; for a longer leg give lift, wheelbase, hub and propeller")
                    .answer();
        }
        double lift = asked.number("lift");
        double attitude = asked.number("attitude", 0);
        double sinks = sinks(asked);
        GroundStance stance = GroundStance.lifted(
                lift - sinks,
                asked.number("wheelbase"),
                asked.number("ahead"),
                asked.number("height"),
                attitude,
                asked.number("propeller"));
        return new Said(
                        "turns about the tail wheel by atan(lift / wheelbase); tip = hub - radius cos(nose up)",
                        Source.derived(
                                "a stiff machine, tyres as they were; it sinks by the added weight over the rate of both legs"),
                        input("lift", Quantity.length(lift)),
                        input("sinks", Quantity.length(sinks)),
                        input("nose up before", Quantity.angle(attitude)))
                .says(
                        "nose up {} more, {} in all",
                        Quantity.angle(stance.tips()),
                        Quantity.angle(attitude + stance.tips()))
                .says(
                        stance.level() >= 0
                                ? "the propeller clears the ground by {} standing, {} level; 14 CFR 23.925 asked 9 in with a tail wheel, level"
                                : "the propeller strikes: {} standing, {} level",
                        Quantity.length(stance.standing()),
                        Quantity.length(stance.level()))
                .says("the leg's own mount is bent by more: its moment grows with its length")
                .figure("sinks by the added weight", Quantity.length(sinks))
                .figure("tips back", Quantity.angle(stance.tips()))
                .figure("clears, standing", Quantity.length(stance.standing()))
                .figure("clears, level", Quantity.length(stance.level()))
                .answer();
    }

    /** Springs or bungees give by what the main wheels carry more than before, m. */
    private static double sinks(Asked asked) {
        double heavier = asked.number("heavier", 0);
        if (heavier == 0) {
            return 0;
        }
        double rate = asked.number("rate");
        Guard.positive("rate", rate, "N/m");
        return Guard.within("heavier", heavier, -2000, 2000, "kg") * GRAVITY / rate;
    }
}
