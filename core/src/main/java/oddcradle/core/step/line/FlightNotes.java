package oddcradle.core.step.line;

import static oddcradle.core.finding.Why.input;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.job.Job;
import oddcradle.core.job.line.Datum;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.SmallMotion;
import oddcradle.core.placement.Seating;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.structure.CaseVariants;
import oddcradle.core.structure.DonorMovement;
import oddcradle.core.units.Quantity;

/** Where the donor's movement on its mounts takes the propeller: the thrust line under power, the tips over ground and beside structure. */
final class FlightNotes {
    /** Half an inch between blades and what stands still. */
    private static final double MOVING_CLEARANCE = 0.0127;

    private static final Source PART_23 = Source.fromMemory("14 CFR 23.925 as it stood before amendment 64");
    private static final Source STATICS = Source.derived("statics of frame, mounts and donor");

    private final ReportBuilder report;
    private final Job job;
    private final Seating seating;
    private final PropellerDisc disc;
    private final List<DonorMovement.Pushed> pushed;

    /** @param movement with one case or more */
    FlightNotes(ReportBuilder report, Job job, Seating seating, PropellerDisc disc, DonorMovement movement) {
        this.report = report;
        this.job = job;
        this.seating = seating;
        this.disc = disc;
        this.pushed = movement.pushed();
    }

    void add(LineEnd.Propeller propeller, List<PropellerDisc.Neighbour> neighbours) {
        job.line().datum().thrust().ifPresent(this::thrustLine);
        ground(propeller);
        structure(neighbours);
    }

    private void thrustLine(Datum.Thrust wanted) {
        List<LoadCase> cases = CaseVariants.of(job);
        List<DonorMovement.Pushed> powered = pushed.stream()
                .filter(each -> cases.stream().anyMatch(load -> load.id().equals(each.id()) && load.runs()))
                .toList();
        if (powered.isEmpty()) {
            return;
        }
        DonorMovement.Pushed worst = worst(powered, this::swings);
        Quantity swings = Quantity.angle(swings(worst.motion()));
        Quantity limit = Quantity.angle(2 * wanted.tolerance());
        Vec3 axis = moved(worst.motion());
        Vec3 forward = axis.x() < 0 ? axis.negated() : axis;
        Quantity down = Quantity.angle(-Math.atan2(forward.z(), Math.hypot(forward.x(), forward.y())));
        Quantity right = Quantity.angle(-Math.atan2(forward.y(), forward.x()));
        Why why = new Why(
                "turn of the output's axis on mounts and frame; twice what is allowed at rest",
                List.of(input("points down", down), input("points right", right)),
                STATICS);
        report.figure("under power the thrust line swings by", swings, why);
        report.atMost(
                LineFinding.THRUST_SWINGS,
                Severity.WATCH,
                swings,
                limit,
                Phrase.of("under power the thrust line swings by {} at most ({})", swings, worst.load()),
                Phrase.of(
                        "under power the thrust line swings by {} ({}), to {} down and {} right; {} is twice what is allowed at rest:"
                                + " stiffer mounts, or mounts farther apart",
                        swings,
                        worst.load(),
                        down,
                        right,
                        limit),
                Place.of(Subject.PROPELLER, disc.centre()),
                why);
    }

    private Vec3 moved(SmallMotion motion) {
        return disc.axis().plus(motion.turn().cross(disc.axis())).unit();
    }

    private double swings(SmallMotion motion) {
        return moved(motion).angleTo(disc.axis());
    }

    private void ground(LineEnd.Propeller propeller) {
        Vec3 tip = disc.lowest();
        DonorMovement.Pushed worst = worst(pushed, motion -> -at(motion, tip).z());
        Quantity lowered = Quantity.length(Math.max(0, -at(worst.motion(), tip).z()));
        Quantity clear =
                Quantity.length(PropellerNotes.overGround(disc, propeller) - propeller.flatDrop() - lowered.si());
        Why why = new Why(
                "height of the lowest tip, less a flat tyre and strut, less what mounts and frame let down",
                List.of(input("let down by", lowered)),
                STATICS);
        report.figure("propeller over the ground, flat and let down", clear, why);
        report.atLeast(
                LineFinding.PROPELLER_LET_DOWN,
                Severity.STOP,
                clear,
                Quantity.length(0),
                Phrase.of("flat and let down by its mounts it still clears by {} ({})", clear, worst.load()),
                Phrase.of(
                        "flat and let down by its mounts it strikes the ground by {} ({})",
                        Quantity.length(-clear.si()),
                        worst.load()),
                Place.of(Subject.PROPELLER, tip),
                why);
    }

    private void structure(List<PropellerDisc.Neighbour> neighbours) {
        Optional<PropellerDisc.Neighbour> nearest =
                neighbours.stream().min(Comparator.comparingDouble(this::leastMoved));
        if (nearest.isEmpty()) {
            return;
        }
        PropellerDisc.Neighbour neighbour = nearest.get();
        DonorMovement.Pushed worst = worst(pushed, motion -> nearer(neighbour, motion));
        Quantity gap = Quantity.length(leastMoved(neighbour));
        Quantity limit = Quantity.length(MOVING_CLEARANCE);
        Why why = new Why(
                "shortest way from the disc, less what it draws nearer by; half an inch or more",
                List.of(
                        input("as drawn", Quantity.length(neighbour.way().distance())),
                        input("draws nearer by", Quantity.length(nearer(neighbour, worst.motion())))),
                PART_23);
        report.figure("propeller to structure when it moves", gap, why);
        report.atLeast(
                LineFinding.PROPELLER_MOVES,
                Severity.STOP,
                gap,
                limit,
                Phrase.of("moving on its mounts the propeller clears {} by {}", neighbour.label(), gap),
                Phrase.of(
                        "moving on its mounts the propeller comes to {} of {} ({}); {} are asked for",
                        gap,
                        neighbour.label(),
                        worst.load(),
                        limit),
                Place.between(
                        Subject.PROPELLER,
                        neighbour.way().pointA(),
                        Subject.body(neighbour.label()),
                        neighbour.way().pointB()),
                why);
    }

    private double leastMoved(PropellerDisc.Neighbour neighbour) {
        double most = pushed.stream()
                .mapToDouble(each -> nearer(neighbour, each.motion()))
                .max()
                .orElseThrow();
        return neighbour.way().distance() - Math.max(0, most);
    }

    private double nearer(PropellerDisc.Neighbour neighbour, SmallMotion motion) {
        Vec3 way = neighbour.way().pointB().minus(neighbour.way().pointA());
        double side = neighbour.way().distance() < 0 ? -1 : 1;
        return way.length() == 0
                ? 0
                : side * at(motion, neighbour.way().pointA()).dot(way.unit());
    }

    private Vec3 at(SmallMotion motion, Vec3 point) {
        return motion.at(point.minus(seating.mass().cg()));
    }

    private static DonorMovement.Pushed worst(List<DonorMovement.Pushed> cases, ToDoubleFunction<SmallMotion> size) {
        return cases.stream()
                .max(Comparator.comparingDouble(each -> size.applyAsDouble(each.motion())))
                .orElseThrow();
    }
}
