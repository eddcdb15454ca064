package oddcradle.core.pocket;

import static oddcradle.core.finding.Why.input;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Source;
import oddcradle.core.job.seat.Bracket;
import oddcradle.core.job.seat.Neighbour;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.placement.Sides;
import oddcradle.core.search.BracketTurns;
import oddcradle.core.search.LiftNotes;
import oddcradle.core.search.SeatLimits;
import oddcradle.core.search.WaysOut;
import oddcradle.core.seating.Sling;
import oddcradle.core.step.seat.NeighbourChecks;
import oddcradle.core.units.Quantity;

/** Where the engine sits, goes in and hangs. */
final class SeatQuestions {
    private static final Source GEOMETRY = Source.derived("plane geometry");

    private SeatQuestions() {}

    static PocketAnswer lowest(Asked asked) {
        if (asked.isTyped()) {
            double clearance = Guard.notNegative("clearance", asked.number("clearance"), "m");
            double pipe = Guard.notNegative("pipe", asked.number("pipe"), "m");
            double gap = Guard.notNegative("gap", asked.number("gap"), "m");
            double sump = Guard.notNegative("sump", asked.number("sump", 0), "m");
            double under = clearance + pipe + gap;
            return new Said(
                            "clearance + pipe + gap; the crank stands its own height over the sump above that",
                            GEOMETRY,
                            input("clearance", Quantity.length(clearance)),
                            input("pipe", Quantity.length(pipe)),
                            input("gap", Quantity.length(gap)),
                            input("crank over sump", Quantity.length(sump)))
                    .says(
                            "the sump's underside stands {} over the ground, the crank {}",
                            Quantity.length(under),
                            Quantity.length(under + sump))
                    .figure("underside over the ground", Quantity.length(under))
                    .figure("crank over the ground", Quantity.length(under + sump))
                    .answer();
        }
        Examination open = asked.job();
        List<SeatLimits.Limit> down = SeatLimits.of(open).stream()
                .filter(each -> each.direction().z() < -0.5)
                .toList();
        Said said = new Said(
                "how far the seat goes down until the first gap is used up, all else as it is",
                Source.derived("the ledger of gaps"));
        if (down.isEmpty()) {
            return said.says("the height is held by the line: free it at Seat, or move the datum")
                    .answer();
        }
        SeatLimits.Limit limit = down.get(0);
        said.figure("lower by", Quantity.length(limit.free()));
        if (limit.obstacle().isEmpty()) {
            return said.says("nothing stops it within {} of where it is", Quantity.length(limit.free()))
                    .answer();
        }
        return said.says("{} lower; then {} meets {}", Quantity.length(limit.free()), limit.part(), limit.label())
                .says(
                        "without that, {} more{}",
                        Quantity.length(limit.gone()),
                        limit.next().isEmpty() ? "" : ", then " + limit.next())
                .answer();
    }

    static PocketAnswer bracket(Asked asked) {
        if (asked.isTyped()) {
            return bracketTyped(asked);
        }
        Examination open = asked.job();
        List<Bracket> brackets = open.job().plan().brackets();
        Said said = new Said(
                "both faces, quarter turns and the best angle", Source.derived("the bracket's own holes and solids"));
        if (brackets.isEmpty()) {
            throw new InvalidValue(
                    "bracket", "is missing in this job: draw it at Seat, or give where its frame hole is");
        }
        for (Bracket bracket : brackets) {
            BracketTurns.Turn best = BracketTurns.of(open, bracket).get(0);
            said.says(
                    "{}: {}, turned {}; its hole is {} off, nearest thing {}",
                    bracket.label(),
                    best.flipped() ? "other face on" : "as drawn",
                    Quantity.angle(best.spin()),
                    Quantity.length(best.off().length()),
                    Quantity.length(best.gap()));
            said.figure(bracket.label() + ": off", Quantity.length(best.off().length()))
                    .figure(bracket.label() + ": gap", Quantity.length(best.gap()));
        }
        return said.answer();
    }

    /** A turn about the bolt by quarters, each face on: eight ways. */
    private record Turned(boolean flipped, int quarters, double forward, double up, double off) {}

    private static PocketAnswer bracketTyped(Asked asked) {
        double forward = asked.number("forward");
        double up = asked.number("up");
        double wantedForward = asked.number("wanted-forward");
        double wantedUp = asked.number("wanted-up");
        Turned best = IntStream.range(0, 8)
                .mapToObj(k -> turned(k >= 4, k % 4, forward, up, wantedForward, wantedUp))
                .min(Comparator.comparingDouble(Turned::off))
                .orElseThrow();
        return new Said(
                        "both faces and quarter turns about the bolt, the nearest to the frame's hole",
                        GEOMETRY,
                        input("forward", Quantity.length(forward)),
                        input("up", Quantity.length(up)))
                .says(
                        "{}, {} quarter turns upwards from forward: its hole comes {} off",
                        best.flipped() ? "other face on" : "this face on",
                        Integer.toString(best.quarters()),
                        Quantity.length(best.off()))
                .figure("off", Quantity.length(best.off()))
                .figure("hole forward of the boss then", Quantity.length(best.forward()))
                .figure("hole above the boss then", Quantity.length(best.up()))
                .answer();
    }

    private static Turned turned(
            boolean flipped, int quarters, double forward, double up, double wantedForward, double wantedUp) {
        double x = flipped ? -forward : forward;
        double z = up;
        for (int k = 0; k < quarters; k++) {
            double old = x;
            x = -z;
            z = old;
        }
        return new Turned(flipped, quarters, x, z, Math.hypot(x - wantedForward, z - wantedUp));
    }

    static PocketAnswer in(Asked asked, Progress progress) {
        if (asked.isTyped()) {
            double length = Guard.size("length", asked.number("length"));
            double height = Guard.size("height", asked.number("height"));
            double opening = Guard.size("opening", asked.number("opening"));
            double diagonal = Math.hypot(length, height);
            Said said = new Said(
                            "a box of that side view through an opening, tipped: it must be no wider than the opening square to its way",
                            GEOMETRY,
                            input("length", Quantity.length(length)),
                            input("height", Quantity.length(height)),
                            input("opening", Quantity.length(opening)))
                    .figure("level", Quantity.length(length))
                    .figure("on its end", Quantity.length(height))
                    .figure("corner to corner", Quantity.length(diagonal));
            return (opening >= length
                            ? said.says("it goes straight in with {} to spare", Quantity.length(opening - length))
                            : opening >= height
                                    ? said.says(
                                            "not level: tip it on its end; then {} is left. It needs {} of height clear to be tipped",
                                            Quantity.length(opening - height),
                                            Quantity.length(diagonal))
                                    : said.says("not at any angle: {} too narrow", Quantity.length(height - opening)))
                    .answer();
        }
        Examination open = asked.job();
        WaysOut.Result result = WaysOut.find(open, progress);
        Said said =
                new Said("a tree of poses that touch nothing, read backwards", Source.derived("all bodies as drawn"));
        if (result.way().isEmpty()) {
            said.says("no way was found, whatever comes off");
            result.blockers().forEach((side, what) -> said.says("{}: {} is in the way", side, what));
            return said.answer();
        }
        said.says(
                "it goes in from {}{}",
                Sides.side(result.way().get().side()),
                result.way().get().straight() ? ", straight" : ", tipped on the way: see Seat, Way in");
        result.off().forEach(each -> said.says("{} comes off first", each.label()));
        return said.figure(
                        "nearest on the way",
                        Quantity.length(result.way().get().tightest().gap()))
                .figure("comes off first", Quantity.count(result.off().size()))
                .answer();
    }

    static PocketAnswer straps(Asked asked) {
        if (asked.isTyped()) {
            double apart = Guard.size("apart", asked.number("apart"));
            double ahead = asked.number("ahead");
            double below = asked.number("below", 0);
            double hook = Guard.size("hook", asked.number("hook"));
            if (hook + below <= 0) {
                throw new InvalidValue("hook", "is no higher than the weight: it turns over; hang the hook higher");
            }
            double tilt = Math.atan2(ahead, hook + below);
            double front = Math.hypot(hook, apart / 2 - ahead);
            double rear = Math.hypot(hook, apart / 2 + ahead);
            return new Said(
                            "the weight comes to hang under the hook: tilt = atan(ahead / height of the hook over the weight); level when the straps' lengths put the hook over the weight",
                            GEOMETRY,
                            input("apart", Quantity.length(apart)),
                            input("ahead", Quantity.length(ahead)),
                            input("hook over the weight", Quantity.length(hook + below)))
                    .says("with equal straps it tips {}", Quantity.angle(Math.abs(tilt)))
                    .says("level: front strap {}, rear strap {}", Quantity.length(front), Quantity.length(rear))
                    .figure("tips with equal straps", Quantity.angle(Math.abs(tilt)))
                    .figure("front strap", Quantity.length(front))
                    .figure("rear strap", Quantity.length(rear))
                    .answer();
        }
        Sling.Hang hang = LiftNotes.hang(asked.job().job());
        Said said = new Said(
                "the hook over the centre of gravity; shares of the weight by statics",
                Source.derived("mass and places of the eyes"));
        if (!hang.balanced()) {
            said.says("these points cannot hold it at that angle: choose others at Seat, Lift");
        }
        for (Sling.Strap strap : hang.straps()) {
            said.says(
                    "{}: strap of {}, pulls {}",
                    strap.point(),
                    Quantity.length(strap.length()),
                    Quantity.force(strap.load()));
            said.figure(strap.point() + ": strap", Quantity.length(strap.length()));
        }
        return said.says("nobody under it; what a strap may carry is written on it")
                .answer();
    }

    static PocketAnswer stretch(Asked asked) {
        if (asked.isTyped()) {
            double bay = Guard.size("bay", asked.number("bay"));
            double engine = Guard.size("engine", asked.number("engine"));
            double room = Guard.notNegative("room", asked.number("room", 0.02), "m");
            double stretch = engine + room - bay;
            Said said = new Said(
                            "engine + room - bay",
                            GEOMETRY,
                            input("engine", Quantity.length(engine)),
                            input("room", Quantity.length(room)),
                            input("bay", Quantity.length(bay)))
                    .figure("stretch", Quantity.length(Math.max(0, stretch)))
                    .figure("to spare", Quantity.length(Math.max(0, -stretch)));
            return (stretch <= 0
                            ? said.says("not at all: {} to spare", Quantity.length(-stretch))
                            : moves(said.says("by {}", Quantity.length(stretch)), Optional.empty()))
                    .answer();
        }
        Examination open = asked.job();
        List<NeighbourChecks.NeighbourCheck> bays = open.neighbourChecks().stream()
                .filter(each -> each.neighbour() instanceof Neighbour.Bay)
                .toList();
        if (bays.isEmpty()) {
            throw new InvalidValue(
                    "bay",
                    "is missing in this job: draw the room between two cross tubes at Seat, Around it, or give bay and engine");
        }
        Said said = new Said(
                "extent of the donor along the bay + room - length of the bay",
                Source.derived("all solids of the donor"));
        for (NeighbourChecks.NeighbourCheck bay : bays) {
            double spare = bay.figures().get(0).quantity().si();
            said.figure(bay.neighbour().label() + ": to spare", Quantity.length(spare));
            if (spare >= 0) {
                said.says("{}: not at all, {} to spare", bay.neighbour().label(), Quantity.length(spare));
            } else {
                moves(said.says("{}: by {}", bay.neighbour().label(), Quantity.length(-spare)), Optional.of(open));
            }
        }
        return said.answer();
    }

    /** What a longer frame takes along. */
    private static Said moves(Said said, Optional<Examination> open) {
        open.ifPresent(each -> each.job().line().stages().forEach(stage -> said.says("{} gets longer", stage.label())));
        return said.says("drive line, steering rod, cables, brake pipe, body and hood get longer by as much")
                .says("wheelbase grows: it turns wider, and each axle's share of the weight shifts");
    }
}
