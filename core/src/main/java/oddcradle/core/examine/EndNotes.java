package oddcradle.core.examine;

import static oddcradle.core.finding.Why.input;

import java.util.List;
import java.util.Optional;
import oddcradle.core.clearance.Body;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.drive.Stage;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Why;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.PreparedSolid;
import oddcradle.core.geometry.distance.Separation;
import oddcradle.core.geometry.distance.SolidDistance;
import oddcradle.core.job.Category;
import oddcradle.core.job.DrivenEnd;
import oddcradle.core.job.Engine;
import oddcradle.core.job.Job;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;

/** What is to be said of the wheel, generator or propeller at the end of the line. */
final class EndNotes {
    private static final double MOST_MACH = 0.85;
    private static final double NOSE_WHEEL_CLEARANCE = 7 * 0.0254;
    private static final double TAIL_WHEEL_CLEARANCE = 9 * 0.0254;
    private static final double RADIAL_CLEARANCE = 0.0254;
    private static final double DISC_THICKNESS = 0.02;
    private static final double YAW_RATE = 2.5;
    private static final double PITCH_RATE = 1.0;
    private static final double SAME_SPEED = 0.02;
    private static final double NEAR_RESONANCE = 0.3;
    private static final Source PART_23 = Source.fromMemory("14 CFR 23.925 as it stood before amendment 64");
    private static final Source GYROSCOPIC = Source.fromMemory("14 CFR 23.371 as it stood before amendment 64");

    private EndNotes() {}

    static void add(Notes notes, Job job, Seating seating, LineResult line, Optional<RoadChart> chart) {
        chart.ifPresent(road -> road(notes, job, line, road));
        Optional<LineEnd> end = job.line().end();
        if (end.isPresent() && end.get() instanceof LineEnd.Generator generator) {
            generator(notes, job, line, generator);
        }
        if (end.isPresent() && end.get() instanceof LineEnd.Propeller propeller) {
            propeller(notes, job, seating, line, propeller);
        }
    }

    private static void road(Notes notes, Job job, LineResult line, RoadChart chart) {
        Engine engine = job.donor().engine();
        Why ratio = new Why("primary · gear · stages", List.of(), Source.derived("tooth counts and diameters"));
        notes.figure("overall ratio, lowest gear", Quantity.ratio(line.overallRatio(engine, 0)), ratio);
        int top = engine.gearRatios().size() - 1;
        notes.figure("overall ratio, highest gear", Quantity.ratio(line.shiftedRatio(engine, top)), ratio);
        notes.figure(
                "road speed at cruise",
                Quantity.roadSpeed(engine.cruiseSpeed()
                        / line.shiftedRatio(engine, top)
                        * job.host().drivenEnd().tyreRadius()),
                new Why("v = n R / i, highest gear", List.of(), Source.derived("ratio and tyre")));
        Why topWhy = new Why(
                "where wheel force meets rolling and air, or the engine its limit",
                List.of(input("machine", Quantity.mass(RoadChart.mass(job)))),
                Source.derived("torque curve and resistance"));
        notes.figure("top speed", Quantity.roadSpeed(chart.topSpeed()), topWhy);
        double force = chart.gears().get(0).points().stream()
                .mapToDouble(RoadChart.Point::force)
                .max()
                .orElse(0);
        notes.figure(
                "most wheel force, lowest gear",
                Quantity.force(force),
                new Why("F = T i eta / R", List.of(), Source.derived("torque and ratio")));
        if (chart.grip() > 0 && force > chart.grip()) {
            notes.say(
                    "line.grip",
                    Severity.NOTE,
                    Phrase.of(
                            "in the lowest gear the engine gives {} at the wheel, the tyres carry {}: they spin first",
                            Quantity.force(force),
                            Quantity.force(chart.grip())),
                    Place.NOWHERE,
                    new Why("grip · axle load", List.of(), Source.commonPractice()));
        }
        tallerPair(notes, job, line);
        stop(notes, job, chart);
    }

    /** Bigger sprockets at both ends often gear up where the builder means to gear down. */
    private static void tallerPair(Notes notes, Job job, LineResult line) {
        DrivenEnd end = job.host().drivenEnd();
        int front = job.donor().output().teeth();
        int rear = end.teeth();
        if (front == 0 || rear == 0 || line.stages().isEmpty()) {
            return;
        }
        if (line.stages().size() == 1 && line.stages().get(0).stage() instanceof Stage.Chain chain) {
            double came = (double) rear / front;
            boolean bigger = chain.driverTeeth() > front && chain.drivenTeeth() > rear;
            if (bigger && chain.ratio() < came) {
                notes.say(
                        "line.taller",
                        Severity.WATCH,
                        Phrase.of(
                                "{} to {} gives {}: less reduction than the {} of {} to {}, though both sprockets are bigger;"
                                        + " the machine gets faster and weaker by {}",
                                Integer.toString(chain.driverTeeth()),
                                Integer.toString(chain.drivenTeeth()),
                                Quantity.ratio(chain.ratio()),
                                Quantity.ratio(came),
                                Integer.toString(front),
                                Integer.toString(rear),
                                Quantity.share(1 - chain.ratio() / came)),
                        Place.of(chain.id()),
                        new Why("i = N2 / N1", List.of(), Source.derived("tooth counts")));
            }
        }
    }

    private static void stop(Notes notes, Job job, RoadChart chart) {
        double energy = RoadChart.mass(job) * chart.topSpeed() * chart.topSpeed() / 2;
        Why why = new Why(
                "E = m v^2 / 2 from top speed, all of the brakes' share into the discs at once",
                List.of(
                        input("m", Quantity.mass(RoadChart.mass(job))),
                        input("v", Quantity.roadSpeed(chart.topSpeed()))),
                Source.derived("energy"));
        Optional<LineEnd.Brakes> brakes =
                job.line().end().filter(LineEnd.Road.class::isInstance).flatMap(end -> ((LineEnd.Road) end).brakes());
        notes.figure("one stop from top speed", new Quantity(energy, Kind.ENERGY), why);
        brakes.ifPresent(old -> notes.figure(
                "that heats the brake discs by", new Quantity(old.rise(energy), Kind.TEMPERATURE_RISE), why));
        notes.say(
                "line.brakes",
                Severity.NOTE,
                brakes.isPresent()
                        ? Phrase.of(
                                "one stop from {} puts {} into the old brakes, {} in the discs; whether they are enough is for"
                                        + " you and licensed practice to settle",
                                Quantity.roadSpeed(chart.topSpeed()),
                                new Quantity(energy, Kind.ENERGY),
                                new Quantity(brakes.get().rise(energy), Kind.TEMPERATURE_RISE))
                        : Phrase.of(
                                "one stop from {} is {} of energy; write down the brakes to see what it does to them, and settle"
                                        + " with licensed practice whether they are enough",
                                Quantity.roadSpeed(chart.topSpeed()),
                                new Quantity(energy, Kind.ENERGY)),
                Place.NOWHERE,
                why);
    }

    private static void generator(Notes notes, Job job, LineResult line, LineEnd.Generator generator) {
        Engine engine = job.donor().engine();
        double ratio = line.shiftedRatio(engine, engine.gearRatios().size() - 1);
        Quantity wanted = Quantity.rotationSpeed(generator.fullLoadSpeed() * ratio);
        Quantity cruise = Quantity.rotationSpeed(engine.cruiseSpeed());
        Why why = new Why(
                generator.poles() == 0 ? "the machine's own speed · ratio" : "n = 120 f / p, times the ratio",
                List.of(
                        input("f", Quantity.frequency(generator.frequency())),
                        input("poles", Quantity.count(generator.poles()))),
                Source.fromMemory("synchronous machines"));
        notes.figure("engine turns, full load", wanted, why);
        notes.figure(
                "engine turns, no load",
                Quantity.rotationSpeed(generator.noLoadSpeed() * ratio),
                new Why(
                        "n (1 + droop)",
                        List.of(input("droop", Quantity.share(generator.droop()))),
                        Source.measured()));
        double off = Math.abs(engine.cruiseSpeed() / wanted.si() - 1);
        notes.atMost(
                "line.generator-speed",
                Severity.STOP,
                Quantity.share(off),
                Quantity.share(SAME_SPEED),
                Phrase.of("the engine runs at {}, the generator wants {}", cruise, wanted),
                Phrase.of(
                        "the engine runs at {}, the generator wants {}; set the governor or the ratio", cruise, wanted),
                Place.of("driver"),
                why);
        if (generator.engineInertia() > 0 && generator.inertia() > 0) {
            notes.figure(
                    "rotor inertia over engine inertia",
                    Quantity.ratio(generator.inertia() / generator.engineInertia()),
                    new Why("J2 / J1", List.of(), Source.measured()));
        }
        line.stages().stream()
                .map(StageResult::stage)
                .filter(Stage.Coupling.class::isInstance)
                .map(Stage.Coupling.class::cast)
                .findFirst()
                .ifPresent(coupling -> torsion(notes, engine, generator, coupling));
    }

    private static void torsion(Notes notes, Engine engine, LineEnd.Generator generator, Stage.Coupling coupling) {
        Optional<Double> found = generator.torsionalFrequency(coupling.torsionalStiffness());
        if (found.isEmpty()) {
            notes.say(
                    "line.torsion",
                    Severity.NOT_CHECKED,
                    Phrase.of(
                            "{}: its stiffness or an inertia is not known; torsional vibration is not checked",
                            coupling.label()),
                    Place.of(coupling.id()),
                    new Why("f = sqrt(k (J1 + J2) / (J1 J2)) / 2 pi", List.of(), Source.derived("two rotors")));
            return;
        }
        Quantity own = Quantity.frequency(found.get());
        double half = engine.cruiseSpeed() / (4 * Math.PI);
        double nearest = Double.POSITIVE_INFINITY;
        double order = 0;
        for (double each = 1; each <= 8; each++) {
            double off = Math.abs(found.get() / (half * each) - 1);
            if (off < nearest) {
                nearest = off;
                order = each / 2;
            }
        }
        double firing = engine.firingFrequency(engine.cruiseSpeed());
        double offFiring = Math.abs(found.get() / firing - 1);
        Why why = new Why(
                "f = sqrt(k (J1 + J2) / (J1 J2)) / 2 pi, against the firing frequency",
                List.of(input("firing", Quantity.frequency(firing)), input("nearest order", Quantity.ratio(order))),
                Source.derived("two rotors on a spring"));
        notes.figure("first torsional frequency", own, why);
        notes.atLeast(
                "line.torsion",
                Severity.STOP,
                Quantity.share(offFiring),
                Quantity.share(NEAR_RESONANCE),
                Phrase.of(
                        "{}: the pair twists at {}, {} away from the firing",
                        coupling.label(),
                        own,
                        Quantity.share(offFiring)),
                Phrase.of(
                        "{}: the pair twists at {}, only {} from the firing at {}; take a softer or a stiffer coupling",
                        coupling.label(),
                        own,
                        Quantity.share(offFiring),
                        Quantity.frequency(firing)),
                Place.of(coupling.id()),
                why);
    }

    private static void propeller(Notes notes, Job job, Seating seating, LineResult line, LineEnd.Propeller propeller) {
        Engine engine = job.donor().engine();
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
        notes.figure("propeller tip speed", Quantity.speed(propeller.tipSpeed(speed)), machWhy);
        notes.figure("helical Mach number", mach, machWhy);
        notes.atMost(
                "line.mach",
                Severity.WATCH,
                mach,
                Quantity.ratio(MOST_MACH),
                Phrase.of("the tips reach Mach {}", mach),
                Phrase.of("the tips reach Mach {}; they get loud and lose thrust", mach),
                Place.of("propeller", seating.driverCentre()),
                machWhy);
        ground(notes, seating, propeller);
        structure(notes, job, seating, propeller);
        double yaw = propeller.gyroscopicMoment(speed, YAW_RATE);
        double pitch = propeller.gyroscopicMoment(speed, PITCH_RATE);
        if (propeller.inertia() > 0) {
            Why why = new Why(
                    "M = I n omega, 2.5 rad/s in yaw and 1.0 rad/s in pitch",
                    List.of(input("I", new Quantity(propeller.inertia(), Kind.INERTIA))),
                    GYROSCOPIC);
            notes.figure("gyroscopic moment of yawing, pitches the nose", Quantity.torque(yaw), why);
            notes.figure("gyroscopic moment of pitching, yaws the nose", Quantity.torque(pitch), why);
        }
        notes.figure(
                "torque reaction rolls the mount by",
                Quantity.torque(engine.maxTorque() * ratio * line.efficiency()),
                new Why(
                        "T i",
                        List.of(input("T", Quantity.torque(engine.maxTorque()))),
                        Source.derived("equilibrium")));
        if (propeller.legRise() != 0 && propeller.wheelbase() > 0) {
            notes.figure(
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

    private static Vec3 discCentre(Seating seating, LineEnd.Propeller propeller) {
        Vec3 axis = seating.driverAxis();
        return seating.driverCentre().along(axis, propeller.ahead());
    }

    private static void ground(Notes notes, Seating seating, LineEnd.Propeller propeller) {
        Vec3 centre = discCentre(seating, propeller);
        double lift = propeller.noseWheel() || propeller.wheelbase() == 0 ? propeller.legRise() : 0;
        double level = centre.z() - propeller.diameter() / 2 - propeller.groundUp() + lift;
        double wanted = propeller.noseWheel() ? NOSE_WHEEL_CLEARANCE : TAIL_WHEEL_CLEARANCE;
        Place where = Place.of("propeller", centre.plus(new Vec3(0, 0, -propeller.diameter() / 2)));
        Why why = new Why(
                "axis height - D / 2 over level ground, tail up where the third wheel is at the tail",
                List.of(
                        input("axis", Quantity.length(centre.z() - propeller.groundUp())),
                        input("D", Quantity.length(propeller.diameter()))),
                PART_23);
        Quantity clear = Quantity.length(level);
        notes.figure("propeller over the ground", clear, why);
        notes.atLeast(
                "line.propeller-ground",
                Severity.STOP,
                clear,
                Quantity.length(wanted),
                Phrase.of("the propeller clears level ground by {}", clear),
                Phrase.of("the propeller clears level ground by {}; {} are asked for", clear, Quantity.length(wanted)),
                where,
                why);
        Quantity flat = Quantity.length(level - propeller.flatDrop());
        notes.figure("propeller over the ground, strut and tyre flat", flat, why);
        notes.atLeast(
                "line.propeller-flat",
                Severity.STOP,
                flat,
                Quantity.length(0),
                Phrase.of("with strut and tyre flat it still clears by {}", flat),
                Phrase.of("with strut and tyre flat it strikes the ground by {}", Quantity.length(-flat.si())),
                where,
                why);
    }

    private static void structure(Notes notes, Job job, Seating seating, LineEnd.Propeller propeller) {
        Vec3 axis = seating.driverAxis();
        Vec3 centre = discCentre(seating, propeller);
        PreparedSolid disc = PreparedSolid.of(new Solid.Cylinder(
                centre.along(axis, -DISC_THICKNESS / 2),
                centre.along(axis, DISC_THICKNESS / 2),
                propeller.diameter() / 2));
        Separation nearest = null;
        String name = "";
        for (Body body : SeatStop.obstacles(job, seating)) {
            // What lies in the disc is the disc itself, drawn as a keep-out.
            boolean itself = body.prepared().stream()
                    .anyMatch(solid -> SolidDistance.between(PreparedSolid.of(new Solid.Sphere(centre, 1e-6)), solid)
                                    .distance()
                            <= 0);
            if (itself || body.prepared().isEmpty() || body.nature().equals(Category.MOVING.word())) {
                continue;
            }
            for (PreparedSolid solid : body.prepared()) {
                Separation here = SolidDistance.between(disc, solid);
                if (nearest == null || here.distance() < nearest.distance()) {
                    nearest = here;
                    name = body.label();
                }
            }
        }
        if (nearest == null) {
            return;
        }
        Quantity gap = Quantity.length(nearest.distance());
        Why why = new Why("shortest way from the disc to structure, an inch or more", List.of(), PART_23);
        notes.figure("propeller to the nearest structure", gap, why);
        notes.atLeast(
                "line.propeller-structure",
                Severity.STOP,
                gap,
                Quantity.length(RADIAL_CLEARANCE),
                Phrase.of("the propeller clears {} by {}", name, gap),
                Phrase.of("the propeller clears {} by only {}", name, gap),
                Place.between("propeller", nearest.pointA(), name, nearest.pointB()),
                why);
    }
}
