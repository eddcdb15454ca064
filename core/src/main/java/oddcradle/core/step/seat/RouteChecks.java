package oddcradle.core.step.seat;

import static oddcradle.core.finding.Why.input;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import oddcradle.core.around.Rod;
import oddcradle.core.around.Route;
import oddcradle.core.finding.Figure;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Why;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.body.Pipe;
import oddcradle.core.job.seat.Neighbour;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.seating.BodyShape;
import oddcradle.core.units.Quantity;

/** What must be led from the donor to the host in another seat: pipes, hoses, cables, rods. */
final class RouteChecks {
    private static final double SPARE = 0.05;
    private static final double LEAST_EFFECT = 0.7;

    private RouteChecks() {}

    static NeighbourChecks.NeighbourCheck pipe(Surroundings setting, Neighbour.PipeRun pipe) {
        Vec3 from = setting.pose().place(pipe.flange());
        Why why = new Why(
                "two bends of one radius R, tangents R tan(angle / 2), arcs R angle",
                List.of(input("R", Quantity.length(pipe.bendRadius()))),
                NeighbourChecks.GEOMETRY);
        Optional<Route> route = pipe.route(setting.pose());
        List<Vec3> ends = List.of(from, pipe.end());
        if (route.isEmpty()) {
            return NeighbourChecks.say(
                    pipe,
                    List.of(),
                    Severity.STOP,
                    Phrase.of(
                            "{}: two bends of {} do not fit between flange and silencer; take a tighter elbow or move the"
                                    + " silencer",
                            pipe.label(),
                            Quantity.length(pipe.bendRadius())),
                    ends,
                    why);
        }
        Route r = route.get();
        double bore = pipe.diameter() - 2 * pipe.wall();
        double litres = Math.PI / 4 * bore * bore * r.length() * 1000;
        double clear = clearOf(setting, pipe.along(r));
        List<Figure> figures = new ArrayList<>(List.of(
                new Figure(pipe.label() + ": elbow at the flange", Quantity.angle(r.firstAngle()), why),
                new Figure(pipe.label() + ": elbow at the silencer", Quantity.angle(r.secondAngle()), why),
                new Figure(pipe.label() + ": turn between the elbows", Quantity.angle(r.twist()), why),
                NeighbourChecks.length(pipe.label() + ": length", r.length(), why),
                NeighbourChecks.length(pipe.label() + ": nearest thing", clear, why)));
        double off = pipe.length() == 0 ? 0 : r.length() - pipe.length();
        boolean otherLength = Math.abs(off) > 0.01 * Math.max(pipe.length(), 1e-9) && pipe.length() > 0;
        boolean close = clear < setting.hotRoom();
        String cut = String.format(
                Locale.ROOT,
                "%s°, %s°",
                Math.round(Math.toDegrees(r.firstAngle())),
                Math.round(Math.toDegrees(r.secondAngle())));
        Phrase what = close
                ? Phrase.of(
                        "{} would pass {} from what stands there; hot needs {}",
                        pipe.label(),
                        Quantity.length(clear),
                        Quantity.length(setting.hotRoom()))
                : otherLength
                        ? Phrase.of(
                                "{}: elbows of {}, {} {} than the {} wanted; its length sets the power",
                                pipe.label(),
                                cut,
                                Quantity.length(Math.abs(off)),
                                off > 0 ? "longer" : "shorter",
                                Quantity.length(pipe.length()))
                        : Phrase.of(
                                "{}: cut elbows of {}, {} long, {} litres",
                                pipe.label(),
                                cut,
                                Quantity.length(r.length()),
                                String.format(Locale.ROOT, "%.2f", litres));
        return NeighbourChecks.say(
                pipe, figures, close || otherLength ? Severity.WATCH : Severity.GOOD, what, ends, why);
    }

    /** Of a bent run to everything of the host it is not joined to at its ends. */
    private static double clearOf(Surroundings setting, Pipe pipe) {
        List<BodyShape> others = new ArrayList<>();
        for (KeepOut keepOut : setting.keepOuts()) {
            others.add(new BodyShape(keepOut.id(), keepOut.label(), keepOut.solids(), keepOut.motions()));
        }
        others.addAll(setting.tubes());
        return NeighbourChecks.least(
                List.of(BodyShape.still(pipe.id(), pipe.label(), pipe.solids())), others, Pose.IDENTITY);
    }

    static NeighbourChecks.NeighbourCheck run(Surroundings setting, Neighbour.Run run) {
        Vec3 from = setting.pose().place(run.from());
        Why why = new Why(
                "two bends of the least radius R and the line between them",
                List.of(input("R", Quantity.length(run.bendRadius()))),
                NeighbourChecks.GEOMETRY);
        List<Vec3> ends = List.of(from, run.to());
        Optional<Route> route =
                Route.between(from, setting.pose().turn(run.leaving()), run.to(), run.arriving(), run.bendRadius());
        if (route.isEmpty()) {
            return NeighbourChecks.say(
                    run,
                    List.of(),
                    Severity.STOP,
                    Phrase.of(
                            "{}: the {} cannot turn from one end to the other in bends of {}; turn an end or move a clip",
                            run.label(),
                            run.line().word(),
                            Quantity.length(run.bendRadius())),
                    ends,
                    why);
        }
        double length = route.get().length();
        List<Figure> figures = List.of(NeighbourChecks.length(run.label() + ": least length", length, why));
        if (run.length() == 0) {
            double buy = Math.ceil((length + SPARE) / SPARE) * SPARE;
            return NeighbourChecks.say(
                    run,
                    figures,
                    Severity.NOTE,
                    Phrase.of("{}: {} at least, buy {}", run.label(), Quantity.length(length), Quantity.length(buy)),
                    ends,
                    why);
        }
        boolean reaches = run.length() >= length;
        return NeighbourChecks.say(
                run,
                figures,
                reaches ? Severity.GOOD : Severity.WATCH,
                reaches
                        ? Phrase.of("{} reaches with {} to spare", run.label(), Quantity.length(run.length() - length))
                        : Phrase.of("{} is {} too short", run.label(), Quantity.length(length - run.length())),
                ends,
                why);
    }

    static NeighbourChecks.NeighbourCheck linkage(Surroundings setting, Neighbour.Linkage linkage) {
        Vec3 end = setting.pose().place(linkage.end());
        Vec3 arm = end.minus(setting.pose().place(linkage.pivot()));
        Vec3 turns = setting.pose().turn(linkage.axis()).cross(arm);
        Vec3 engages = linkage.engages() ? turns : turns.negated();
        Rod rod = Rod.between(end, engages, linkage.hand(), linkage.pull());
        Why why = new Why(
                "sign of (pull · rod)(engage · rod); share of the rod that turns the lever = |engage · rod|",
                List.of(),
                NeighbourChecks.GEOMETRY);
        List<Figure> figures = List.of(
                NeighbourChecks.length(linkage.label() + ": rod", rod.length(), why),
                new Figure(linkage.label() + ": rod that turns the lever", Quantity.share(rod.effect()), why),
                new Figure(linkage.label() + ": joints", Quantity.count(rod.joints()), why));
        boolean weak = rod.effect() < LEAST_EFFECT;
        return NeighbourChecks.say(
                linkage,
                figures,
                rod.reversed() || weak ? Severity.WATCH : Severity.GOOD,
                rod.reversed()
                        ? Phrase.of(
                                "{} moves the wrong way round here; turn the lever over or put in a bell crank",
                                linkage.label())
                        : weak
                                ? Phrase.of(
                                        "{}: only {} of the rod's way turns the lever; set the lever on another spline",
                                        linkage.label(),
                                        Quantity.share(rod.effect()))
                                : Phrase.of(
                                        "{} moves the right way, rod {}, {} joints",
                                        linkage.label(),
                                        Quantity.length(rod.length()),
                                        Integer.toString(rod.joints())),
                List.of(end, linkage.hand()),
                why);
    }
}
