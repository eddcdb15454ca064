package oddcradle.core.step.cradle;

import static oddcradle.core.finding.Why.input;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.Separation;
import oddcradle.core.geometry.distance.SolidDistance;
import oddcradle.core.hardware.MountDesign;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Part;
import oddcradle.core.job.tube.Member;
import oddcradle.core.joint.BoltStack;
import oddcradle.core.placement.Bodies;
import oddcradle.core.placement.Seating;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.units.Quantity;

/**
 * Metal of a soft mount that moves with the engine against all other metal of the frame, and metal of its frame side against the
 * rest of the engine: bolt heads, nuts and washers meet neighbours that the stack itself does not know of.
 */
final class StackNeighbours {
    private static final double FAR = 0.03;

    /** Metal of one part or tube where it stands. */
    private record Metal(String id, String label, List<Solid> pieces) {}

    private final ReportBuilder report;
    private final List<Metal> tubes = new ArrayList<>();
    private final List<Metal> parts = new ArrayList<>();

    private StackNeighbours(ReportBuilder report, Job job, Seating seating) {
        this.report = report;
        List<Member> members = new ArrayList<>(job.cradle().members());
        members.addAll(job.host().members());
        for (Member tube : members) {
            tubes.add(new Metal(tube.id(), tube.label(), Bodies.pieces(tube, seating)));
        }
        for (Part part : job.donor().bodies()) {
            List<Solid> placed = part.solids().stream()
                    .map(solid -> solid.placed(seating.pose()))
                    .toList();
            parts.add(new Metal(part.id(), part.label(), placed));
        }
    }

    static void add(ReportBuilder report, Job job, Seating seating, List<MountDesign> designs) {
        StackNeighbours neighbours = new StackNeighbours(report, job, seating);
        for (MountDesign design : designs) {
            if (!design.isolator().element().isHard()) {
                neighbours.engineMetal(design);
                neighbours.frameMetal(design);
            }
        }
    }

    private record Near(BoltStack.Layer layer, String id, String label, Separation apart) {}

    private static boolean isHardware(BoltStack.Layer layer) {
        return layer.kind().isTurned() || layer.kind().isWasher();
    }

    private static Solid solid(MountDesign design, BoltStack.Layer layer) {
        return new Solid.Cylinder(
                design.face().along(design.axis(), layer.from()),
                design.face().along(design.axis(), layer.to()),
                layer.outer());
    }

    /** Heads, nuts and washers that move with the engine, against tubes that do not carry this mount. */
    private void engineMetal(MountDesign design) {
        Near nearest = null;
        for (BoltStack.Layer layer : design.stack().layers()) {
            if (layer.side() != BoltStack.Side.ENGINE || !isHardware(layer)) {
                continue;
            }
            Solid piece = solid(design, layer);
            for (Metal tube : tubes) {
                if (!tube.id().equals(design.tube().id())) {
                    nearest = nearer(nearest, layer, piece, tube);
                }
            }
        }
        say(design, nearest);
    }

    /** Nuts, washers and the seat on the frame's side, against what of the engine is not the lug itself. */
    private void frameMetal(MountDesign design) {
        Near nearest = null;
        for (BoltStack.Layer layer : design.stack().layers()) {
            if (layer.side() != BoltStack.Side.FRAME || !isHardware(layer)) {
                continue;
            }
            Solid piece = solid(design, layer);
            for (Metal part : parts) {
                nearest = nearer(nearest, layer, piece, part);
            }
        }
        say(design, nearest);
    }

    private static Near nearer(Near before, BoltStack.Layer layer, Solid piece, Metal other) {
        Near nearest = before;
        for (Solid solid : other.pieces()) {
            double least = nearest == null ? FAR : nearest.apart().distance();
            if (piece.bounds().distanceTo(solid.bounds()) >= least) {
                continue;
            }
            Separation apart = SolidDistance.between(piece, solid);
            if (apart.distance() < least) {
                nearest = new Near(layer, other.id(), other.label(), apart);
            }
        }
        return nearest;
    }

    private void say(MountDesign design, Near near) {
        double moves = Math.hypot(design.along(), design.across());
        double needed = moves + BoltStack.SPARE;
        if (near == null || near.apart().distance() >= needed) {
            return;
        }
        double gap = Math.max(0, near.apart().distance());
        boolean washer = near.layer().kind().isWasher();
        report.atLeast(
                CradleFinding.SHORTED,
                gap <= 0 ? Severity.STOP : Severity.WATCH,
                Phrase.of(
                        washer
                                ? "{}: the {} comes within {} of {} ({}), the rubber moves {}; metal shorts the isolator: trim the"
                                        + " washer by {}"
                                : "{}: the {} comes within {} of {} ({}), the rubber moves {}; metal shorts the isolator: turn the"
                                        + " bolt round or move the tube by {}",
                        design.isolator().id(),
                        near.layer().kind().word(),
                        Quantity.length(gap),
                        near.label(),
                        near.id(),
                        Quantity.length(moves),
                        Quantity.length(needed - near.apart().distance())),
                Quantity.length(near.apart().distance()),
                Quantity.length(needed),
                Place.between(
                        Subject.mount(design.isolator().id()),
                        near.apart().pointA(),
                        Subject.tube(near.id()),
                        near.apart().pointB()),
                new Why(
                        "distance of the two pieces of metal against what the rubber moves and 1 mm",
                        List.of(input("moves", Quantity.length(moves))),
                        Source.commonPractice()));
    }
}
