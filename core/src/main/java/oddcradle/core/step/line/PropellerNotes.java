package oddcradle.core.step.line;

import static oddcradle.core.finding.Why.input;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.geometry.distance.Separation;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.job.donor.Pack;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.Seating;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.structure.DonorMovement;
import oddcradle.core.structure.LineResult;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;

/** What is to be said of a propeller: its tips, its clearances, and what it does to the mount. */
final class PropellerNotes {
    private static final double MOST_MACH = 0.85;
    private static final double NOSE_WHEEL_CLEARANCE = 7 * 0.0254;
    private static final double TAIL_WHEEL_CLEARANCE = 9 * 0.0254;
    private static final double RADIAL_CLEARANCE = 0.0254;
    private static final double YAW_RATE = 2.5;
    private static final double PITCH_RATE = 1.0;
    private static final Source PART_23 = Source.fromMemory("14 CFR 23.925 as it stood before amendment 64");
    private static final Source GYROSCOPIC = Source.fromMemory("14 CFR 23.371 as it stood before amendment 64");

    private PropellerNotes() {}

    static void add(
            ReportBuilder report,
            Job job,
            Seating seating,
            LineResult line,
            LineEnd.Propeller propeller,
            DonorMovement movement) {
        Engine engine = Pack.driving(job.donor());
        double ratio = line.overallRatio(engine, engine.gearRatios().size() - 1);
        double speed = RoadChart.fastest(engine) / ratio;
        Quantity mach = Quantity.ratio(propeller.helicalMach(speed));
        Why machWhy = new Why(
                "sqrt((n pi D)^2 + v^2) / 340.3 m/s, under 0.85",
                List.of(
                        input("n", Quantity.rotationSpeed(speed)),
                        input("D", Quantity.length(propeller.diameter())),
                        input("v", Quantity.speed(propeller.airSpeed()))),
                Source.commonPractice());
        report.figure("propeller tip speed", Quantity.speed(propeller.tipSpeed(speed)), machWhy);
        report.figure("helical Mach number", mach, machWhy);
        report.atMost(
                LineFinding.MACH,
                Severity.WATCH,
                mach,
                Quantity.ratio(MOST_MACH),
                Phrase.of("the tips reach Mach {}", mach),
                Phrase.of("the tips reach Mach {}; they get loud and lose thrust", mach),
                Place.of(Subject.PROPELLER, seating.driverCentre()),
                machWhy);
        PropellerDisc disc = PropellerDisc.of(seating, propeller);
        ground(report, disc, propeller);
        List<PropellerDisc.Neighbour> neighbours = disc.neighbours(job, seating);
        structure(report, neighbours);
        if (!movement.pushed().isEmpty()) {
            new FlightNotes(report, job, seating, disc, movement).add(propeller, neighbours);
        }
        double yaw = propeller.gyroscopicMoment(speed, YAW_RATE);
        double pitch = propeller.gyroscopicMoment(speed, PITCH_RATE);
        if (propeller.inertia() > 0) {
            Why why = new Why(
                    "M = I n omega, 2.5 rad/s in yaw and 1.0 rad/s in pitch",
                    List.of(input("I", new Quantity(propeller.inertia(), Kind.INERTIA))),
                    GYROSCOPIC);
            report.figure("gyroscopic moment of yawing, pitches the nose", Quantity.torque(yaw), why);
            report.figure("gyroscopic moment of pitching, yaws the nose", Quantity.torque(pitch), why);
        }
        report.figure(
                "propeller's torque on the engine",
                Quantity.torque(engine.maxTorque() * ratio * line.efficiency()),
                new Why(
                        "T i",
                        List.of(input("T", Quantity.torque(engine.maxTorque()))),
                        Source.derived("equilibrium")));
        if (propeller.legRise() != 0 && propeller.wheelbase() > 0) {
            report.figure(
                    "longer legs change the ground angle by",
                    Quantity.angle(propeller.groundAngleChange()),
                    new Why(
                            "atan(rise / wheelbase)",
                            List.of(
                                    input("rise", Quantity.length(propeller.legRise())),
                                    input("wheelbase", Quantity.length(propeller.wheelbase()))),
                            Source.derived("two wheels")));
        }
    }

    /** Height of the lowest tip over level ground, tail up where the third wheel is at the tail, m. */
    static double overGround(PropellerDisc disc, LineEnd.Propeller propeller) {
        double lift = propeller.noseWheel() || propeller.wheelbase() == 0 ? propeller.legRise() : 0;
        return disc.centre().z() - disc.radius() - propeller.groundUp() + lift;
    }

    private static void ground(ReportBuilder report, PropellerDisc disc, LineEnd.Propeller propeller) {
        Vec3 centre = disc.centre();
        double level = overGround(disc, propeller);
        double wanted = propeller.noseWheel() ? NOSE_WHEEL_CLEARANCE : TAIL_WHEEL_CLEARANCE;
        Place where = Place.of(Subject.PROPELLER, centre.plus(new Vec3(0, 0, -propeller.diameter() / 2)));
        Why why = new Why(
                "axis height - D / 2 over level ground, tail up where the third wheel is at the tail",
                List.of(
                        input("axis", Quantity.length(centre.z() - propeller.groundUp())),
                        input("D", Quantity.length(propeller.diameter()))),
                PART_23);
        Quantity clear = Quantity.length(level);
        report.figure("propeller over the ground", clear, why);
        report.atLeast(
                LineFinding.PROPELLER_GROUND,
                Severity.STOP,
                clear,
                Quantity.length(wanted),
                Phrase.of("the propeller clears level ground by {}", clear),
                Phrase.of("the propeller clears level ground by {}; {} are asked for", clear, Quantity.length(wanted)),
                where,
                why);
        Quantity flat = Quantity.length(level - propeller.flatDrop());
        report.figure("propeller over the ground, strut and tyre flat", flat, why);
        report.atLeast(
                LineFinding.PROPELLER_FLAT,
                Severity.STOP,
                flat,
                Quantity.length(0),
                Phrase.of("with strut and tyre flat it still clears by {}", flat),
                Phrase.of("with strut and tyre flat it strikes the ground by {}", Quantity.length(-flat.si())),
                where,
                why);
    }

    private static void structure(ReportBuilder report, List<PropellerDisc.Neighbour> neighbours) {
        Optional<PropellerDisc.Neighbour> found = neighbours.stream()
                .min(Comparator.comparingDouble(each -> each.way().distance()));
        if (found.isEmpty()) {
            return;
        }
        String name = found.get().label();
        Separation nearest = found.get().way();
        Quantity gap = Quantity.length(nearest.distance());
        Why why = new Why("shortest way from the disc to structure, an inch or more", List.of(), PART_23);
        report.figure("propeller to the nearest structure", gap, why);
        report.atLeast(
                LineFinding.PROPELLER_STRUCTURE,
                Severity.STOP,
                gap,
                Quantity.length(RADIAL_CLEARANCE),
                Phrase.of("the propeller clears {} by {}", name, gap),
                Phrase.of("the propeller clears {} by only {}", name, gap),
                Place.between(Subject.PROPELLER, nearest.pointA(), Subject.body(name), nearest.pointB()),
                why);
    }
}
