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

    private final Job job;
    private final Seating seating;
    private final ReportBuilder report;

    private StackNeighbours(ReportBuilder report, Job job, Seating seating) {
        this.report = report;
        this.job = job;
        this.seating = seating;
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
        List<Member> tubes = new ArrayList<>(job.cradle().members());
        tubes.addAll(job.host().members());
        Near nearest = null;
        for (BoltStack.Layer layer : design.stack().layers()) {
            if (layer.side() != BoltStack.Side.ENGINE || !isHardware(layer)) {
                continue;
            }
            Solid piece = solid(design, layer);
            for (Member tube : tubes) {
                if (!tube.id().equals(design.tube().id())) {
                    for (Solid other : Bodies.pieces(tube, seating)) {
                        nearest = nearer(nearest, layer, tube.id(), tube.label(), piece, other);
                    }
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
            for (Part part : job.donor().bodies()) {
                for (Solid other : part.solids()) {
                    nearest = nearer(nearest, layer, part.id(), part.label(), piece, other.placed(seating.pose()));
                }
            }
        }
        say(design, nearest);
    }

    private static Near nearer(Near before, BoltStack.Layer layer, String id, String label, Solid piece, Solid other) {
        double least = before == null ? FAR : before.apart().distance();
        if (piece.bounds().distanceTo(other.bounds()) >= least) {
            return before;
        }
        Separation apart = SolidDistance.between(piece, other);
        return apart.distance() < least ? new Near(layer, id, label, apart) : before;
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
