package oddcradle.core.examine;

import static oddcradle.core.finding.Why.input;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import oddcradle.core.around.Rod;
import oddcradle.core.around.Route;
import oddcradle.core.around.Volume;
import oddcradle.core.finding.Figure;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Stop;
import oddcradle.core.finding.Why;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.PreparedSolid;
import oddcradle.core.geometry.motion.Motion;
import oddcradle.core.job.Category;
import oddcradle.core.job.Job;
import oddcradle.core.job.KeepOut;
import oddcradle.core.job.Member;
import oddcradle.core.job.Neighbour;
import oddcradle.core.job.Part;
import oddcradle.core.job.Pipe;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.seating.Bay;
import oddcradle.core.seating.Standing;
import oddcradle.core.units.Quantity;

/** What must follow when the seat changes: each neighbour's question, its numbers and what they say. */
public final class KnockOns {
    private static final double FAR = 5;
    private static final double SPARE = 0.05;
    private static final double LEAST_EFFECT = 0.7;
    private static final Source GEOMETRY = Source.derived("places and directions of the two ends");

    private final Job job;
    private final Seating seating;
    private final Pose pose;

    private KnockOns(Job job, Seating seating) {
        this.job = job;
        this.seating = seating;
        this.pose = seating.pose();
    }

    /**
     * @param figures its numbers
     * @param finding what they say
     */
    public record KnockOn(Neighbour neighbour, List<Figure> figures, Finding finding) {
        public KnockOn {
            figures = List.copyOf(figures);
        }
    }

    static List<KnockOn> of(Job job, Seating seating) {
        KnockOns knockOns = new KnockOns(job, seating);
        return job.plan().neighbours().stream().map(knockOns::of).toList();
    }

    private KnockOn of(Neighbour neighbour) {
        if (neighbour instanceof Neighbour.PipeRun pipe) {
            return pipe(pipe);
        }
        if (neighbour instanceof Neighbour.Intake intake) {
            return intake(intake);
        }
        if (neighbour instanceof Neighbour.Tank tank) {
            return tank(tank);
        }
        if (neighbour instanceof Neighbour.Run run) {
            return run(run);
        }
        if (neighbour instanceof Neighbour.Linkage linkage) {
            return linkage(linkage);
        }
        if (neighbour instanceof Neighbour.Occupant occupant) {
            return occupant(occupant);
        }
        if (neighbour instanceof Neighbour.Panel panel) {
            return panel(panel);
        }
        return bay((Neighbour.Bay) neighbour);
    }

    private static KnockOn say(
            Neighbour neighbour, List<Figure> figures, Severity severity, Phrase what, List<Vec3> points, Why why) {
        return new KnockOn(
                neighbour,
                figures,
                Finding.statement(
                        "seat.follows", Stop.SEAT, severity, what, new Place(List.of(neighbour.id()), points), why));
    }

    private static Figure length(String name, double metres, Why why) {
        return new Figure(name, Quantity.length(metres), why);
    }

    private KnockOn pipe(Neighbour.PipeRun pipe) {
        Vec3 from = pose.place(pipe.flange());
        Vec3 out = pose.turn(pipe.out());
        Why why = new Why(
                "two bends of one radius R, tangents R tan(angle / 2), arcs R angle",
                List.of(input("R", Quantity.length(pipe.bendRadius()))),
                GEOMETRY);
        Optional<Route> route = Route.between(from, out, pipe.end(), pipe.in(), pipe.bendRadius());
        List<Vec3> ends = List.of(from, pipe.end());
        if (route.isEmpty()) {
            return say(
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
        double clear = clearOf(pipe.id(), pipe.label(), r.corners(), pipe.bendRadius(), pipe.diameter());
        List<Figure> figures = new ArrayList<>(List.of(
                new Figure(pipe.label() + ": elbow at the flange", Quantity.angle(r.firstAngle()), why),
                new Figure(pipe.label() + ": elbow at the silencer", Quantity.angle(r.secondAngle()), why),
                new Figure(pipe.label() + ": turn between the elbows", Quantity.angle(r.twist()), why),
                length(pipe.label() + ": length", r.length(), why),
                length(pipe.label() + ": nearest thing", clear, why)));
        double off = pipe.length() == 0 ? 0 : r.length() - pipe.length();
        boolean long_ = Math.abs(off) > 0.01 * Math.max(pipe.length(), 1e-9) && pipe.length() > 0;
        boolean close = clear < job.build().room().hot();
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
                        Quantity.length(job.build().room().hot()))
                : long_
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
        return say(pipe, figures, close || long_ ? Severity.WATCH : Severity.GOOD, what, ends, why);
    }

    /** Of a bent run to everything of the host it is not joined to at its ends. */
    private double clearOf(String id, String label, List<Vec3> corners, double radius, double diameter) {
        Part part = new Pipe(id, label, Category.HOT, corners, corners.size() > 2 ? radius : 0, diameter).part();
        List<Standing> others = new ArrayList<>();
        for (KeepOut keepOut : job.host().keepOuts()) {
            others.add(new Standing(keepOut.id(), keepOut.label(), keepOut.solids(), keepOut.motions()));
        }
        job.host().members().forEach(member -> others.add(tube(member)));
        job.cradle().members().forEach(member -> others.add(tube(member)));
        return least(List.of(Standing.still(id, label, part.solids())), others, Pose.IDENTITY);
    }

    private Standing tube(Member member) {
        return Standing.still(member.id(), member.label(), SeatStop.pieces(member, seating));
    }

    private static double least(List<Standing> some, List<Standing> others, Pose at) {
        return new Bay(some, others, Bay.NONE)
                .probe()
                .tightest(at, Double.NEGATIVE_INFINITY, FAR)
                .margin();
    }

    private KnockOn intake(Neighbour.Intake intake) {
        Vec3 at = pose.place(intake.mouth());
        Vec3 faces = pose.turn(intake.facing()).unit();
        List<Standing> others = new ArrayList<>();
        job.host().keepOuts().forEach(each -> others.add(Standing.still(each.id(), each.label(), each.solids())));
        job.host().members().forEach(member -> others.add(tube(member)));
        job.cradle().members().forEach(member -> others.add(tube(member)));
        Bay.Tightest tight = new Bay(List.of(SeatScore.filter(intake)), others, Bay.NONE)
                .probe()
                .tightest(pose, Double.NEGATIVE_INFINITY, FAR);
        double up = Math.asin(faces.z());
        Why why = new Why(
                "least gap of the filter's cylinder; direction = R d",
                List.of(
                        input("diameter", Quantity.length(intake.diameter())),
                        input("length", Quantity.length(intake.length()))),
                GEOMETRY);
        List<Figure> figures = List.of(
                new Figure(intake.label() + ": faces up by", Quantity.angle(up), why),
                length(intake.label() + ": room round the filter", tight.margin(), why));
        String what = tight.standing() < 0 ? "" : others.get(tight.standing()).label();
        boolean fits = tight.margin() > 0;
        return say(
                intake,
                figures,
                fits ? Severity.GOOD : Severity.STOP,
                fits
                        ? Phrase.of(
                                "{} faces {}, the filter fits with {} to {}",
                                intake.label(),
                                WaysOut.side(faces),
                                Quantity.length(tight.margin()),
                                what)
                        : Phrase.of(
                                "{} faces {} into {}; the filter does not fit",
                                intake.label(),
                                WaysOut.side(faces),
                                what),
                List.of(at, at.along(faces, intake.length())),
                why);
    }

    private KnockOn tank(Neighbour.Tank tank) {
        KeepOut keepOut = keepOut(tank.tank());
        double litres = keepOut.solids().stream().mapToDouble(Volume::of).sum() * 1000;
        Vec3 inlet = pose.place(tank.inlet());
        double head = tank.outlet().z() - inlet.z();
        Why why = new Why(
                "outlet height - inlet height; volume outside",
                List.of(input("least", Quantity.length(tank.head()))),
                GEOMETRY);
        boolean feeds = head >= tank.head();
        String holds = String.format(Locale.ROOT, "%.1f", litres);
        return say(
                tank,
                List.of(length(tank.label() + ": head over the carburettor", head, why)),
                feeds ? Severity.GOOD : Severity.WATCH,
                feeds
                        ? Phrase.of(
                                "{} holds some {} litres, {} over the carburettor",
                                tank.label(),
                                holds,
                                Quantity.length(head))
                        : Phrase.of(
                                "{} is only {} over the carburettor, {} is wanted; lift it {} or fit a pump",
                                tank.label(),
                                Quantity.length(head),
                                Quantity.length(tank.head()),
                                Quantity.length(tank.head() - head)),
                List.of(tank.outlet(), inlet),
                why);
    }

    private KnockOn run(Neighbour.Run run) {
        Vec3 from = pose.place(run.from());
        Why why = new Why(
                "two bends of the least radius R and the line between them",
                List.of(input("R", Quantity.length(run.bendRadius()))),
                GEOMETRY);
        List<Vec3> ends = List.of(from, run.to());
        Optional<Route> route =
                Route.between(from, pose.turn(run.leaving()), run.to(), run.arriving(), run.bendRadius());
        if (route.isEmpty()) {
            return say(
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
        List<Figure> figures = List.of(length(run.label() + ": least length", length, why));
        if (run.length() == 0) {
            double buy = Math.ceil((length + SPARE) / SPARE) * SPARE;
            return say(
                    run,
                    figures,
                    Severity.NOTE,
                    Phrase.of("{}: {} at least, buy {}", run.label(), Quantity.length(length), Quantity.length(buy)),
                    ends,
                    why);
        }
        boolean reaches = run.length() >= length;
        return say(
                run,
                figures,
                reaches ? Severity.GOOD : Severity.WATCH,
                reaches
                        ? Phrase.of("{} reaches with {} to spare", run.label(), Quantity.length(run.length() - length))
                        : Phrase.of("{} is {} too short", run.label(), Quantity.length(length - run.length())),
                ends,
                why);
    }

    private KnockOn linkage(Neighbour.Linkage linkage) {
        Vec3 end = pose.place(linkage.end());
        Vec3 arm = end.minus(pose.place(linkage.pivot()));
        Vec3 turns = pose.turn(linkage.axis()).cross(arm);
        Vec3 engages = linkage.engages() ? turns : turns.negated();
        Rod rod = Rod.between(end, engages, linkage.hand(), linkage.pull());
        Why why = new Why(
                "sign of (pull · rod)(engage · rod); share of the rod that turns the lever = |engage · rod|",
                List.of(),
                GEOMETRY);
        List<Figure> figures = List.of(
                length(linkage.label() + ": rod", rod.length(), why),
                new Figure(linkage.label() + ": rod that turns the lever", Quantity.share(rod.effect()), why),
                new Figure(linkage.label() + ": joints", Quantity.count(rod.joints()), why));
        boolean weak = rod.effect() < LEAST_EFFECT;
        return say(
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

    private KnockOn occupant(Neighbour.Occupant occupant) {
        KeepOut keepOut = keepOut(occupant.keepOut());
        List<Motion> bump = occupant.bump() == 0 ? List.of() : List.of(new Motion.Slide(Vec3.Z, 0, occupant.bump()));
        List<Standing> person = List.of(new Standing(keepOut.id(), keepOut.label(), keepOut.solids(), bump));
        List<Standing> tubes = new ArrayList<>();
        for (Member member : job.host().members()) {
            Standing tube = tube(member);
            // A seat tube that the person sits on is no tube to strike.
            if (least(
                            List.of(tube),
                            List.of(Standing.still(keepOut.id(), keepOut.label(), keepOut.solids())),
                            Pose.IDENTITY)
                    > 0) {
                tubes.add(tube);
            }
        }
        double donor = least(parts(), person, pose);
        double cage = tubes.isEmpty() ? FAR : least(tubes, person, Pose.IDENTITY);
        Why why = new Why(
                "least gap to the donor, and to tubes while they are thrown up",
                List.of(
                        input("thrown up", Quantity.length(occupant.bump())),
                        input("wanted", Quantity.length(occupant.room()))),
                Source.measured());
        List<Figure> figures = List.of(
                length(occupant.label() + ": to the donor", donor, why),
                length(occupant.label() + ": to tubes over a bump", cage, why));
        boolean enough = Math.min(donor, cage) >= occupant.room();
        return say(
                occupant,
                figures,
                enough ? Severity.GOOD : Severity.WATCH,
                enough
                        ? Phrase.of(
                                "{}: {} to the donor, {} to tubes",
                                occupant.label(),
                                Quantity.length(donor),
                                Quantity.length(cage))
                        : cage < donor
                                ? Phrase.of(
                                        "{} strike a tube over a bump: {} left, {} wanted; raise the tube",
                                        occupant.label(),
                                        Quantity.length(cage),
                                        Quantity.length(occupant.room()))
                                : Phrase.of(
                                        "{} have {} to the donor, {} wanted; it comes off inch for inch",
                                        occupant.label(),
                                        Quantity.length(donor),
                                        Quantity.length(occupant.room())),
                List.of(keepOut.solids().get(0).centre()),
                why);
    }

    private KnockOn panel(Neighbour.Panel panel) {
        KeepOut keepOut = keepOut(panel.keepOut());
        double gap = least(parts(), List.of(Standing.still(keepOut.id(), keepOut.label(), keepOut.solids())), pose);
        Why why = new Why(
                "least gap of the donor to the panel",
                List.of(input("wanted", Quantity.length(panel.room()))),
                Source.measured());
        boolean clears = gap >= panel.room();
        return say(
                panel,
                List.of(length(panel.label() + ": skin to the donor", gap, why)),
                clears ? Severity.GOOD : Severity.WATCH,
                clears
                        ? Phrase.of("{} clears by {}", panel.label(), Quantity.length(gap))
                        : Phrase.of("{} needs a bulge of {}", panel.label(), Quantity.length(panel.room() - gap)),
                List.of(keepOut.solids().get(0).centre()),
                why);
    }

    private KnockOn bay(Neighbour.Bay bay) {
        Vec3 way = bay.to().minus(bay.from()).unit();
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        for (Part part : job.donor().bodies()) {
            for (Solid solid : part.solids()) {
                PreparedSolid placed = PreparedSolid.of(solid).placed(pose);
                low = Math.min(low, placed.farthest(way.negated()).dot(way));
                high = Math.max(high, placed.farthest(way).dot(way));
            }
        }
        double has = bay.from().distanceTo(bay.to());
        double needs = high - low + bay.room();
        Why why = new Why(
                "extent of the donor along the bay + room - length of the bay",
                List.of(
                        input("extent", Quantity.length(high - low)),
                        input("room", Quantity.length(bay.room())),
                        input("bay", Quantity.length(has))),
                GEOMETRY);
        boolean fits = needs <= has;
        return say(
                bay,
                List.of(length(bay.label() + ": to spare", has - needs, why)),
                fits ? Severity.GOOD : Severity.STOP,
                fits
                        ? Phrase.of("the donor fits {} with {} to spare", bay.label(), Quantity.length(has - needs))
                        : Phrase.of(
                                "{} must be stretched {}; drive line, steering rod, body and weight share move with it",
                                bay.label(),
                                Quantity.length(needs - has)),
                List.of(bay.from(), bay.to()),
                why);
    }

    private KeepOut keepOut(String id) {
        return job.host().keepOuts().stream()
                .filter(each -> each.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private List<Standing> parts() {
        return job.donor().bodies().stream()
                .map(part -> Standing.still(part.id(), part.label(), part.solids()))
                .toList();
    }
}
