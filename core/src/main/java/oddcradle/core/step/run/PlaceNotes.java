package oddcradle.core.step.run;

import static oddcradle.core.finding.Why.input;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import oddcradle.core.clearance.Body;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.geometry.Aabb;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.SolidDistance;
import oddcradle.core.job.Job;
import oddcradle.core.job.around.DryBox;
import oddcradle.core.job.around.Holder;
import oddcradle.core.job.around.OilDrain;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.placement.Bodies;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.units.Quantity;

/**
 * Where what must stay dry is, and where oil runs.
 *
 * <p>A wheel throws water and stones in its own plane, forward and back, so a box beside it stays drier than one behind it. Fuel drips straight
 * down. Oil from a plug falls on whatever tube lies beneath, and runs along it.
 */
final class PlaceNotes {
    /** A wheel throws no farther with force, m; common practice. */
    private static final double SPRAY = 1;
    /** What turns this near the ground is a wheel, m. */
    private static final double ON_THE_GROUND = 0.05;
    /** A stream of warm oil, m. */
    private static final double STREAM = 0.025;
    /** So that what stands on the ground does not count, m. */
    private static final double HAIR = 0.002;
    /** Looked at below a plug, m. */
    private static final double FALL = 1.5;

    private final Job job;
    private final Standing standing;
    private final CableRoom room;
    private final ReportBuilder report;
    private final double ground;

    private PlaceNotes(Job job, Standing standing, CableRoom room, ReportBuilder report) {
        this.job = job;
        this.standing = standing;
        this.room = room;
        this.report = report;
        this.ground = ground();
    }

    static void say(Job job, Standing standing, CableRoom room, ReportBuilder report) {
        if (job.around().boxes().isEmpty() && job.around().drains().isEmpty()) {
            return;
        }
        PlaceNotes notes = new PlaceNotes(job, standing, room, report);
        job.around().boxes().forEach(notes::box);
        job.around().drains().forEach(notes::drain);
    }

    /** The lowest that a wheel or a tube reaches, m. */
    private double ground() {
        double lowest = Double.POSITIVE_INFINITY;
        for (KeepOut keepOut : of(Category.MOVING)) {
            for (Solid solid : keepOut.solids()) {
                lowest = Math.min(lowest, solid.bounds().low().z());
            }
        }
        for (Member tube : job.host().members()) {
            for (Solid piece : Bodies.pieces(tube, standing.seating())) {
                lowest = Math.min(lowest, piece.bounds().low().z());
            }
        }
        return Double.isFinite(lowest) ? lowest : 0;
    }

    private List<KeepOut> of(Category category) {
        return job.host().keepOuts().stream()
                .filter(each -> each.category() == category)
                .toList();
    }

    private static Place at(String id, Vec3 point) {
        return new Place(List.of(Subject.around(id)), List.of(point));
    }

    private void box(DryBox box) {
        Aabb outline = Aabb.around(box.at(), box.size().times(0.5));
        Why why = new Why(
                "in the plane of a wheel within 1 m; under fuel; the room that this shop keeps from what is hot and what moves",
                List.of(),
                Source.commonPractice());
        boolean good = true;
        for (KeepOut wheel : of(Category.MOVING)) {
            if (wheel.solids().stream().anyMatch(solid -> isSprayed(solid, outline))) {
                good = false;
                report.say(
                        RunFinding.DRY_BOX,
                        Severity.WATCH,
                        Phrase.of(
                                "{} sits in the plane of {}, which throws water and stones there: move it aside, or put a plate between",
                                box.label(),
                                wheel.label()),
                        at(box.id(), box.at()),
                        why);
            }
        }
        for (KeepOut fuel : of(Category.FUEL)) {
            if (fuel.solids().stream().anyMatch(solid -> isOver(solid.bounds(), outline))) {
                good = false;
                report.say(
                        RunFinding.DRY_BOX,
                        Severity.STOP,
                        Phrase.of(
                                "{} sits under {}: fuel that drips meets a spark; move one of them aside",
                                box.label(),
                                fuel.label()),
                        at(box.id(), box.at()),
                        why);
            }
        }
        Optional<CableRoom.Near> near = room.nearest(Body.of(
                        box.id(),
                        box.label(),
                        0,
                        Category.HOSE.word(),
                        List.of(new Solid.Box(box.size().times(0.5), new Pose(Mat3.IDENTITY, box.at())))))
                .filter(CableRoom.Near::isTooNear);
        near.ifPresent(each -> report.atLeast(
                RunFinding.DRY_BOX,
                Severity.WATCH,
                Phrase.of(
                        "{} comes within {} of {}, {} are kept",
                        box.label(),
                        Quantity.length(Math.max(0, each.gap())),
                        each.label(),
                        Quantity.length(each.needed())),
                Quantity.length(each.gap()),
                Quantity.length(each.needed()),
                at(box.id(), each.at()),
                why));
        if (good && near.isEmpty()) {
            report.say(
                    RunFinding.DRY_BOX,
                    Severity.GOOD,
                    Phrase.of("{} sits out of spray, drip and heat", box.label()),
                    at(box.id(), box.at()),
                    why);
        }
    }

    /** A wheel is drawn as a cylinder that stands on the ground; it throws within the band that it rolls in. */
    private boolean isSprayed(Solid solid, Aabb box) {
        if (!(solid instanceof Solid.Cylinder wheel) || solid.bounds().low().z() > ground + ON_THE_GROUND) {
            return false;
        }
        Vec3 axis = wheel.p1().minus(wheel.p0()).unit();
        Vec3 hub = wheel.p0().towards(wheel.p1(), 0.5);
        Vec3 to = box.centre().minus(hub);
        Vec3 size = box.size();
        double half =
                (Math.abs(axis.x()) * size.x() + Math.abs(axis.y()) * size.y() + Math.abs(axis.z()) * size.z()) / 2;
        return Math.abs(to.dot(axis)) < wheel.p0().distanceTo(wheel.p1()) / 2 + half
                && to.withoutPartAlong(axis).length() < wheel.radius() + SPRAY;
    }

    private static boolean isOver(Aabb fuel, Aabb box) {
        return fuel.low().z() >= box.low().z()
                && fuel.low().x() < box.high().x()
                && fuel.high().x() > box.low().x()
                && fuel.low().y() < box.high().y()
                && fuel.high().y() > box.low().y();
    }

    private void drain(OilDrain drain) {
        Vec3 plug = standing.place(Holder.DONOR, drain.at());
        Why why = new Why(
                "straight down from the plug, a stream of 25 mm; a pan of its size under it, on the ground",
                List.of(
                        input("pan, width", Quantity.length(drain.panWidth())),
                        input("pan, height", Quantity.length(drain.panHeight())),
                        input("plug over the ground", Quantity.length(plug.z() - ground))),
                Source.commonPractice());
        under(plug)
                .ifPresent(tube -> report.say(
                        RunFinding.OIL_DRAIN,
                        Severity.WATCH,
                        Phrase.of(
                                "{}: oil falls on {} and runs along it; a chute of tin, a hose on the plug, or the tube aside",
                                drain.label(),
                                tube.label()),
                        at(drain.id(), plug),
                        why));
        inTheWayOfThePan(plug, drain)
                .ifPresent(label -> report.say(
                        RunFinding.OIL_DRAIN,
                        Severity.WATCH,
                        Phrase.of(
                                "{}: {} stands where a pan of {} would; a smaller pan, or a chute to one beside it",
                                drain.label(),
                                label,
                                Quantity.length(drain.panWidth())),
                        at(drain.id(), plug),
                        why));
        report.atLeast(
                RunFinding.OIL_DRAIN,
                Severity.WATCH,
                Quantity.length(plug.z() - ground),
                Quantity.length(drain.panHeight()),
                Phrase.of("{}: a pan of {} goes under it", drain.label(), Quantity.length(drain.panHeight())),
                Phrase.of(
                        "{}: {} over the ground, the pan is {} high: a lower pan, a ramp, or oil drawn out through the filler",
                        drain.label(),
                        Quantity.length(plug.z() - ground),
                        Quantity.length(drain.panHeight())),
                at(drain.id(), plug),
                why);
    }

    /** The first tube that a stream falls on. */
    private Optional<Member> under(Vec3 plug) {
        Solid stream =
                new Solid.Capsule(plug.plus(new Vec3(0, 0, -STREAM)), plug.plus(new Vec3(0, 0, -FALL)), STREAM / 2);
        return tubes().stream()
                .filter(tube -> meets(Bodies.pieces(tube, standing.seating()), stream))
                .findFirst();
    }

    private List<Member> tubes() {
        List<Member> tubes = new ArrayList<>(job.host().members());
        tubes.addAll(job.cradle().members());
        return tubes;
    }

    private static boolean meets(List<Solid> solids, Solid other) {
        return solids.stream()
                .anyMatch(each -> each.bounds().distanceTo(other.bounds()) == 0
                        && SolidDistance.between(each, other).overlap());
    }

    /** Label of what stands in the place of the pan, a hair over the ground. */
    private Optional<String> inTheWayOfThePan(Vec3 plug, OilDrain drain) {
        double high = drain.panHeight();
        Vec3 half = new Vec3(drain.panWidth() / 2, drain.panWidth() / 2, high / 2);
        Vec3 middle = new Vec3(plug.x(), plug.y(), ground + high / 2 + HAIR);
        Solid pan = new Solid.Box(half, new Pose(Mat3.IDENTITY, middle));
        Stream<String> tubes = tubes().stream()
                .filter(tube -> meets(Bodies.pieces(tube, standing.seating()), pan))
                .map(Member::label);
        Stream<String> wheels = of(Category.MOVING).stream()
                .filter(each -> meets(each.solids(), pan))
                .map(KeepOut::label);
        return Stream.concat(tubes, wheels).findFirst();
    }
}
