package oddcradle.core.step.run;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.clearance.Body;
import oddcradle.core.clearance.ClearanceLedger;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.Separation;
import oddcradle.core.job.Job;
import oddcradle.core.job.around.ControlLink;
import oddcradle.core.job.around.Holder;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.body.Part;
import oddcradle.core.job.seat.Neighbour;
import oddcradle.core.job.seat.Room;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.Seating;
import oddcradle.core.structure.DonorMovement;

/**
 * What spoils a cable: hot parts, pipes and what moves, each with the room that the shop keeps from it. A cable that lies on the frame
 * is met by whatever of the engine moves toward it.
 */
public final class CableRoom {
    /** Where it ends on the engine it must come near, m. */
    private static final double END = 0.08;

    private final List<Body> bodies;
    private final int ofEngine;
    private final Standing standing;
    /** No point of them moves farther, m. */
    private final double mostMoves;

    /** @param bodies first those that move with the engine, {@code ofEngine} of them */
    private CableRoom(List<Body> bodies, int ofEngine, Standing standing) {
        this.bodies = bodies;
        this.ofEngine = ofEngine;
        this.standing = standing;
        Vec3 cg = standing.seating().mass().cg();
        double reach = 0;
        for (Body body : bodies.subList(0, ofEngine)) {
            reach = Math.max(
                    reach,
                    body.bounds().centre().distanceTo(cg) + body.bounds().size().length() / 2);
        }
        this.mostMoves = ofEngine == 0 ? 0 : standing.most(reach);
    }

    /**
     * The tightest place.
     *
     * @param label of what it comes near
     * @param gap less what the engine moves, m
     * @param needed m
     * @param at on the cable, m
     */
    public record Near(String label, double gap, double needed, Vec3 at) {
        public boolean isTooNear() {
            return gap < needed;
        }
    }

    public static CableRoom of(Job job, Seating seating, DonorMovement movement) {
        return of(job, new Standing(seating, movement));
    }

    static CableRoom of(Job job, Standing standing) {
        Room room = job.build().room();
        List<Body> bodies = new ArrayList<>();
        for (Part part : job.donor().bodies()) {
            if (spoils(part.category())) {
                bodies.add(Body.of(
                        part.id(),
                        part.label(),
                        room.of(part.category()),
                        part.category().word(),
                        part.solids().stream()
                                .map(solid -> solid.placed(standing.seating().pose()))
                                .toList()));
            }
        }
        for (Neighbour each : job.plan().neighbours()) {
            if (each instanceof Neighbour.PipeRun pipe) {
                pipe.bent(standing.seating().pose())
                        .ifPresent(bent -> bodies.add(
                                Body.of(pipe.id(), pipe.label(), room.hot(), Category.HOT.word(), bent.solids())));
            }
        }
        int ofEngine = bodies.size();
        for (KeepOut keepOut : job.host().keepOuts()) {
            if (spoils(keepOut.category())) {
                bodies.add(body(keepOut, room.of(keepOut.category())));
            }
        }
        return new CableRoom(bodies, ofEngine, standing);
    }

    private static boolean spoils(Category category) {
        return category == Category.HOT || category == Category.MOVING;
    }

    private static Body body(KeepOut keepOut, double room) {
        String nature = keepOut.category().word();
        return keepOut.motions().isEmpty()
                ? Body.of(keepOut.id(), keepOut.label(), room, nature, keepOut.solids())
                : Body.moving(keepOut.id(), keepOut.label(), room, nature, keepOut.solids(), keepOut.motions());
    }

    private static List<Solid> tube(List<Vec3> points, double diameter) {
        List<Solid> tube = new ArrayList<>();
        for (int k = 1; k < points.size(); k++) {
            tube.add(new Solid.Capsule(points.get(k - 1), points.get(k), diameter / 2));
        }
        return tube;
    }

    /**
     * Empty where nothing is near, or there is nothing that spoils it.
     *
     * @param points along the cable, m
     * @param ends of it on the engine, m: it may come near there
     * @param diameter m
     */
    public Optional<Near> nearest(List<Vec3> points, List<Vec3> ends, double diameter) {
        List<Vec3> free = points.stream()
                .filter(point -> ends.stream().noneMatch(end -> end.distanceTo(point) < END))
                .toList();
        if (free.size() < 2) {
            return Optional.empty();
        }
        return nearest(Body.of("cable", "cable", 0, Category.HOSE.word(), tube(free, diameter)));
    }

    /** The same for anything else that stands on the frame. */
    Optional<Near> nearest(Body cable) {
        Near nearest = null;
        for (int k = 0; k < bodies.size(); k++) {
            Body other = bodies.get(k);
            double moves = k < ofEngine ? mostMoves : 0;
            double apart = cable.bounds().distanceTo(other.bounds()) - moves - other.room();
            if (apart > (nearest == null ? 0 : nearest.gap() - nearest.needed())) {
                continue;
            }
            Separation found = ClearanceLedger.separation(cable, other);
            double gap = found.distance() - (k < ofEngine ? standing.sway(found.pointB()) : 0);
            if (nearest == null || gap - other.room() < nearest.gap() - nearest.needed()) {
                nearest = new Near(other.label(), gap, other.room(), found.pointA());
            }
        }
        return Optional.ofNullable(nearest);
    }

    /** Where a cable comes nearer to something than it may. */
    Optional<Near> missed(ControlFound.Laid laid) {
        return nearest(
                        laid.path().points(),
                        endsOnEngine(laid.given()),
                        laid.given().diameter())
                .filter(Near::isTooNear);
    }

    /** Whether a cable comes nearer to something than it may. */
    public boolean isMissed(ControlFound.Laid laid) {
        return missed(laid).isPresent();
    }

    /** Ends of a cable that are held by the engine, host axes, m. */
    public List<Vec3> endsOnEngine(ControlLink.Cable cable) {
        List<Vec3> ends = new ArrayList<>();
        if (cable.mouthOn() == Holder.DONOR) {
            ends.add(standing.place(cable.mouthOn(), cable.mouth()));
        }
        if (cable.exitOn() == Holder.DONOR) {
            ends.add(standing.place(cable.exitOn(), cable.exit()));
        }
        return ends;
    }
}
