package oddcradle.core.step.seat;

import static oddcradle.core.finding.Why.input;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import oddcradle.core.clearance.Body;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.PreparedSolid;
import oddcradle.core.geometry.distance.Separation;
import oddcradle.core.geometry.distance.SolidDistance;
import oddcradle.core.geometry.motion.Motion;
import oddcradle.core.geometry.motion.Sweep;
import oddcradle.core.job.body.Part;
import oddcradle.core.job.donor.Service;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.units.Quantity;

/** Whether filters, plugs and dipsticks come off with the donor in its place. */
final class ServiceRoom {
    private static final int STEPS = 50;
    private static final int HALVINGS = 7;

    private ServiceRoom() {}

    static void add(ReportBuilder report, List<Service> services, List<Part> parts, Pose pose, List<Body> obstacles) {
        for (Service service : services) {
            Part part = parts.stream()
                    .filter(each -> each.id().equals(service.part()))
                    .findFirst()
                    .orElseThrow();
            List<Solid> solids =
                    part.solids().stream().map(solid -> solid.placed(pose)).toList();
            Vec3 way = pose.turn(service.direction()).unit();
            comesOff(report, service, solids, way, obstacles);
        }
    }

    private static void comesOff(
            ReportBuilder report, Service service, List<Solid> solids, Vec3 way, List<Body> obstacles) {
        Motion off = new Motion.Slide(way, 0, service.travel());
        Body worst = null;
        Separation least = null;
        Set<Body> met = new LinkedHashSet<>();
        for (Solid solid : solids) {
            Sweep sweep = Sweep.of(solid, List.of(off));
            for (Body obstacle : obstacles) {
                if (sweep.bounds().distanceTo(obstacle.bounds()) > service.room()) {
                    continue;
                }
                for (PreparedSolid other : still(obstacle)) {
                    Separation here = sweep.nearestOrFirstOverlap(other, service.room());
                    if (here.distance() <= 0) {
                        met.add(obstacle);
                    }
                    if (least == null || here.distance() < least.distance()) {
                        least = here;
                        worst = obstacle;
                    }
                }
            }
        }
        Quantity room = Quantity.length(service.room());
        if (least == null || least.distance() >= service.room()) {
            report.say(
                    SeatFinding.SERVICE,
                    Severity.GOOD,
                    Phrase.of(
                            "{} comes off: {} of way with {} around it",
                            service.label(),
                            Quantity.length(service.travel()),
                            room),
                    Place.of(Subject.part(service.part()), solids.get(0).centre()),
                    why(service));
            return;
        }
        // Of all that it would meet, the first one stops it.
        double free = service.travel();
        for (Body obstacle : met) {
            double here = free(service, solids, way, obstacle);
            if (here < free) {
                free = here;
                worst = obstacle;
            }
        }
        boolean touches = least.distance() <= 0;
        report.atLeast(
                SeatFinding.SERVICE,
                touches ? Severity.STOP : Severity.WATCH,
                touches
                        ? Phrase.of(
                                "{} does not come off: after {} of {} it meets {}",
                                service.label(),
                                Quantity.length(free),
                                Quantity.length(service.travel()),
                                worst.label())
                        : Phrase.of(
                                "{} comes off with only {} to {}; a hand needs {}",
                                service.label(),
                                Quantity.length(least.distance()),
                                worst.label(),
                                room),
                Quantity.length(least.distance()),
                room,
                Place.between(Subject.part(service.part()), least.pointB(), Subject.body(worst.id()), least.pointA()),
                why(service));
    }

    private static Why why(Service service) {
        return new Why(
                "least distance over the whole way, against the room a hand or tool needs",
                List.of(
                        input("way", Quantity.length(service.travel())),
                        input("room", Quantity.length(service.room()))),
                Source.measured());
    }

    private static List<PreparedSolid> still(Body obstacle) {
        return obstacle.sweeps().isEmpty()
                ? obstacle.prepared()
                : obstacle.solids().stream().map(PreparedSolid::of).toList();
    }

    /** How far the part comes before it touches: stepped, then halved to a hundredth of a step. */
    private static double free(Service service, List<Solid> solids, Vec3 way, Body obstacle) {
        Motion off = new Motion.Slide(way, 0, service.travel());
        double step = service.travel() / STEPS;
        double free = 0;
        while (free < service.travel() && !touches(solids, off, free + step, obstacle)) {
            free += step;
        }
        for (int k = 0; k < HALVINGS; k++) {
            step /= 2;
            free += touches(solids, off, free + step, obstacle) ? 0 : step;
        }
        return Math.min(free, service.travel());
    }

    private static boolean touches(List<Solid> solids, Motion off, double at, Body obstacle) {
        for (Solid solid : solids) {
            PreparedSolid here = PreparedSolid.of(solid.placed(off.at(at)));
            for (PreparedSolid other : still(obstacle)) {
                if (SolidDistance.quick(here, other).distance() <= 0) {
                    return true;
                }
            }
        }
        return false;
    }
}
