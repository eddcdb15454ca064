package oddcradle.core.step.seat;

import static oddcradle.core.finding.Why.input;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import oddcradle.core.around.Volume;
import oddcradle.core.control.Remembered;
import oddcradle.core.finding.Figure;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Why;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.PreparedSolid;
import oddcradle.core.geometry.motion.Motion;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.body.Part;
import oddcradle.core.job.seat.Neighbour;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.placement.Sides;
import oddcradle.core.seating.BodyShape;
import oddcradle.core.seating.GapFinder;
import oddcradle.core.units.Quantity;

/** What must find room round the donor in another seat: filter, tank, people, panels, the bay itself. */
public final class SpaceChecks {
    /** A person over a bump and the tubes round them: the seat of the donor does not matter. */
    private record Caged(KeepOut person, double bump, List<BodyShape> tubes) {}

    private final Remembered<Caged, Double> cages;

    private SpaceChecks(Remembered<Caged, Double> cages) {
        this.cages = cages;
    }

    static SpaceChecks afresh() {
        return new SpaceChecks(Remembered.nothing());
    }

    SpaceChecks next() {
        return new SpaceChecks(cages.next());
    }

    static NeighbourChecks.NeighbourCheck intake(Surroundings setting, Neighbour.Intake intake) {
        Vec3 at = setting.pose().place(intake.mouth());
        Vec3 faces = setting.pose().turn(intake.facing()).unit();
        List<BodyShape> others = new ArrayList<>();
        setting.keepOuts().forEach(each -> others.add(BodyShape.still(each.id(), each.label(), each.solids())));
        others.addAll(setting.tubes());
        GapFinder.Tightest tight = new GapFinder(List.of(filter(intake)), others, GapFinder.NONE)
                .probe()
                .tightest(setting.pose(), Double.NEGATIVE_INFINITY, NeighbourChecks.FAR);
        double up = Math.asin(faces.z());
        Why why = new Why(
                "least gap of the filter's cylinder; direction = R d",
                List.of(
                        input("diameter", Quantity.length(intake.diameter())),
                        input("length", Quantity.length(intake.length()))),
                NeighbourChecks.GEOMETRY);
        List<Figure> figures = List.of(
                new Figure(intake.label() + ": faces up by", Quantity.angle(up), why),
                NeighbourChecks.length(intake.label() + ": room round the filter", tight.margin(), why));
        String what = tight.standing() < 0 ? "" : others.get(tight.standing()).label();
        boolean fits = tight.margin() > 0;
        return NeighbourChecks.say(
                intake,
                figures,
                fits ? Severity.GOOD : Severity.STOP,
                fits
                        ? Phrase.of(
                                "{} faces {}, the filter fits with {} to {}",
                                intake.label(),
                                Sides.side(faces),
                                Quantity.length(tight.margin()),
                                what)
                        : Phrase.of(
                                "{} faces {} into {}; the filter does not fit",
                                intake.label(),
                                Sides.side(faces),
                                what),
                List.of(at, at.along(faces, intake.length())),
                why);
    }

    /** The room that the filter takes before the intake. */
    public static BodyShape filter(Neighbour.Intake intake) {
        return BodyShape.still(
                intake.id(),
                intake.label(),
                List.of(new Solid.Cylinder(
                        intake.mouth(),
                        intake.mouth().along(intake.facing().unit(), intake.length()),
                        intake.diameter() / 2)));
    }

    static NeighbourChecks.NeighbourCheck tank(Surroundings setting, Neighbour.Tank tank) {
        KeepOut keepOut = setting.keepOut(tank.tank());
        double litres = keepOut.solids().stream().mapToDouble(Volume::of).sum() * 1000;
        Vec3 inlet = setting.pose().place(tank.inlet());
        double head = tank.outlet().z() - inlet.z();
        Why why = new Why(
                "outlet height - inlet height; volume outside",
                List.of(input("least", Quantity.length(tank.head()))),
                NeighbourChecks.GEOMETRY);
        boolean feeds = head >= tank.head();
        String holds = String.format(Locale.ROOT, "%.1f", litres);
        return NeighbourChecks.say(
                tank,
                List.of(NeighbourChecks.length(tank.label() + ": head over the carburettor", head, why)),
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

    NeighbourChecks.NeighbourCheck occupant(Surroundings setting, Neighbour.Occupant occupant) {
        KeepOut keepOut = setting.keepOut(occupant.keepOut());
        List<BodyShape> person = List.of(thrownUp(keepOut, occupant.bump()));
        double donor = NeighbourChecks.least(setting.parts(), person, setting.pose());
        double cage = cages.of(new Caged(keepOut, occupant.bump(), setting.hostTubes()), SpaceChecks::toTubes);
        Why why = new Why(
                "least gap to the donor, and to tubes while they are thrown up",
                List.of(
                        input("thrown up", Quantity.length(occupant.bump())),
                        input("wanted", Quantity.length(occupant.room()))),
                Source.measured());
        List<Figure> figures = List.of(
                NeighbourChecks.length(occupant.label() + ": to the donor", donor, why),
                NeighbourChecks.length(occupant.label() + ": to tubes over a bump", cage, why));
        boolean enough = Math.min(donor, cage) >= occupant.room();
        return NeighbourChecks.say(
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
                                        cage > 0
                                                ? "{} have {} to a tube over a bump, {} wanted; raise the tube"
                                                : "{} strike a tube over a bump: {} left, {} wanted; raise the tube",
                                        occupant.label(),
                                        Quantity.length(cage),
                                        Quantity.length(occupant.room()))
                                : Phrase.of(
                                        "{} have {} to the donor, {} wanted; move the seat or the donor by the difference",
                                        occupant.label(),
                                        Quantity.length(donor),
                                        Quantity.length(occupant.room())),
                List.of(keepOut.solids().get(0).centre()),
                why);
    }

    static NeighbourChecks.NeighbourCheck panel(Surroundings setting, Neighbour.Panel panel) {
        KeepOut keepOut = setting.keepOut(panel.keepOut());
        double gap = NeighbourChecks.least(
                setting.parts(),
                List.of(BodyShape.still(keepOut.id(), keepOut.label(), keepOut.solids())),
                setting.pose());
        Why why = new Why(
                "least gap of the donor to the panel",
                List.of(input("wanted", Quantity.length(panel.room()))),
                Source.measured());
        boolean clears = gap >= panel.room();
        return NeighbourChecks.say(
                panel,
                List.of(NeighbourChecks.length(panel.label() + ": skin to the donor", gap, why)),
                clears ? Severity.GOOD : Severity.WATCH,
                clears
                        ? Phrase.of("{} clears by {}", panel.label(), Quantity.length(gap))
                        : Phrase.of("{} needs a bulge of {}", panel.label(), Quantity.length(panel.room() - gap)),
                List.of(keepOut.solids().get(0).centre()),
                why);
    }

    static NeighbourChecks.NeighbourCheck bay(Surroundings setting, Neighbour.Bay bay) {
        Vec3 way = bay.to().minus(bay.from()).unit();
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        for (Part part : setting.donor()) {
            for (Solid solid : part.solids()) {
                PreparedSolid placed = PreparedSolid.of(solid).placed(setting.pose());
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
                NeighbourChecks.GEOMETRY);
        boolean fits = needs <= has;
        return NeighbourChecks.say(
                bay,
                List.of(NeighbourChecks.length(bay.label() + ": to spare", has - needs, why)),
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

    private static BodyShape thrownUp(KeepOut person, double bump) {
        List<Motion> up = bump == 0 ? List.of() : List.of(new Motion.Slide(Vec3.Z, 0, bump));
        return new BodyShape(person.id(), person.label(), person.solids(), up);
    }

    private static double toTubes(Caged caged) {
        List<BodyShape> tubes = tubesAway(caged.tubes(), caged.person());
        return tubes.isEmpty()
                ? NeighbourChecks.FAR
                : NeighbourChecks.least(tubes, List.of(thrownUp(caged.person(), caged.bump())), Pose.IDENTITY);
    }

    /** A seat tube that the person sits on is no tube to strike. */
    private static List<BodyShape> tubesAway(List<BodyShape> tubes, KeepOut person) {
        Set<GapFinder.Pair> touching = new GapFinder(
                        tubes, List.of(BodyShape.still(person.id(), person.label(), person.solids())), GapFinder.NONE)
                .probe()
                .closer(Pose.IDENTITY, 0);
        List<BodyShape> away = new ArrayList<>(tubes);
        touching.forEach(pair -> away.remove(tubes.get(pair.moved())));
        return away;
    }
}
