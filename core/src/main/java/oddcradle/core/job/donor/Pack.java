package oddcradle.core.job.donor;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import oddcradle.core.job.body.Part;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.MassProperties;
import oddcradle.core.mechanics.Pose;

/** A donor of several units: what they are together, and one of them moved against the others. */
public final class Pack {
    private static final double NO_TURN = 1e-12;

    private Pack() {}

    /** All units as one body; the donor's own mass where it has none. */
    public static MassProperties mass(Donor donor) {
        return donor.units().isEmpty()
                ? donor.mass()
                : MassProperties.together(
                        donor.units().stream().map(JoinedUnit::mass).toList());
    }

    /**
     * All engines as one that drives: torques at the first one's crank, every engine at its own speed, without losses between them;
     * no faster than the first of them that reaches its limit.
     */
    public static Engine driving(Donor donor) {
        Engine first = donor.engine();
        List<UnitEngine> others = others(donor);
        if (others.isEmpty()) {
            return first;
        }
        TreeSet<Double> speeds = new TreeSet<>();
        first.curve().forEach(point -> speeds.add(point.speed()));
        double limit = limit(first);
        for (UnitEngine other : others) {
            double turns = other.turnsBeside(first);
            other.engine().curve().forEach(point -> speeds.add(point.speed() / turns));
            limit = Math.min(limit, limit(other.engine()) / turns);
        }
        speeds.add(first.maxTorqueSpeed());
        List<TorquePoint> curve = speeds.stream()
                .map(speed -> new TorquePoint(speed, torque(first, others, speed)))
                .toList();
        TorquePoint most = curve.stream()
                .max((one, two) -> Double.compare(one.torque(), two.torque()))
                .orElseThrow();
        Engine together = first.withMaxTorque(most.torque(), most.speed())
                .withSpeeds(first.idleSpeed(), first.cruiseSpeed(), Double.isFinite(limit) ? limit : 0);
        return curve.size() > 1 ? together.withCurve(curve) : together;
    }

    private static double limit(Engine engine) {
        return engine.limitSpeed() == 0 ? Double.POSITIVE_INFINITY : engine.limitSpeed();
    }

    private static double torque(Engine first, List<UnitEngine> others, double speed) {
        double torque = first.fullTorque(speed);
        for (UnitEngine other : others) {
            double turns = other.turnsBeside(first);
            torque += turns * other.engine().fullTorque(turns * speed);
        }
        return torque;
    }

    /** The donor whose units name only what is there. */
    public static Donor pruned(Donor donor) {
        if (donor.units().isEmpty()) {
            return donor;
        }
        Set<String> bosses = donor.bosses().stream().map(Boss::id).collect(Collectors.toSet());
        Set<String> parts = donor.bodies().stream().map(Part::id).collect(Collectors.toSet());
        return donor.withUnits(donor.units().stream()
                .map(unit -> unit.withBosses(
                                unit.bosses().stream().filter(bosses::contains).toList())
                        .withParts(unit.parts().stream().filter(parts::contains).toList()))
                .toList());
    }

    /** The unit that the donor's own engine is; empty where it is one machine. */
    public static Optional<JoinedUnit> first(Donor donor) {
        return donor.units().stream()
                .filter(unit -> unit.kind() == UnitKind.FIRST_ENGINE)
                .findFirst();
    }

    private static List<UnitEngine> others(Donor donor) {
        return donor.units().stream().flatMap(unit -> unit.engine().stream()).toList();
    }

    /**
     * The donor with everything of one unit moved, and what the others know of its shaft; weighings and readings stay as they were read.
     *
     * @throws InvalidValue if there is no such unit, or something would come to lie out of bounds
     */
    public static Donor moved(Donor donor, String unit, Pose by) {
        JoinedUnit moves = required(donor, unit);
        Output output = donor.output();
        Predicate<String> boss = moves.bosses()::contains;
        Predicate<String> part = moves.parts()::contains;
        return donor.withBosses(donor.bosses().stream()
                        .map(each -> boss.test(each.id())
                                ? each.at(by.place(each.position())).withAxis(by.turn(each.axis()))
                                : each)
                        .toList())
                .withParts(donor.parts().stream()
                        .map(each -> part.test(each.id())
                                ? each.withSolids(each.solids().stream()
                                        .map(solid -> solid.placed(by))
                                        .toList())
                                : each)
                        .toList())
                .withPipes(donor.pipes().stream()
                        .map(each -> part.test(each.id())
                                ? each.withCorners(
                                        each.corners().stream().map(by::place).toList())
                                : each)
                        .toList())
                .withOutput(
                        moves.hasOutput()
                                ? output.withPlace(by.place(output.centre()), by.turn(output.axis()))
                                : output)
                .withEngine(moves.kind() == UnitKind.FIRST_ENGINE ? crankMoved(donor.engine(), by) : donor.engine())
                .withUnits(units(donor, moves, by));
    }

    /** Where nobody has measured the crank's middle it follows from the shaft. */
    private static Engine crankMoved(Engine engine, Pose by) {
        return engine.withCrank(
                engine.crank().map(crank -> crank.withCentre(crank.centre().map(by::place))));
    }

    /** The donor with its output shaft on this unit and no other; on none where it is not on it. */
    public static Donor outputOn(Donor donor, String unit, boolean on) {
        return donor.withUnits(donor.units().stream()
                .map(each -> each.withOutput(on && each.id().equals(unit)))
                .toList());
    }

    private static List<JoinedUnit> units(Donor donor, JoinedUnit moves, Pose by) {
        List<JoinedUnit> units = new ArrayList<>();
        for (JoinedUnit each : donor.units()) {
            if (each.id().equals(moves.id())) {
                units.add(each.withMass(each.mass().placed(by))
                        .withShaft(each.shaft().placed(by))
                        .withEngine(each.engine().map(other -> other.withEngine(crankMoved(other.engine(), by))))
                        .withJoint(each.joint()
                                .map(joint -> joint.withOwn(joint.own().placed(by)))));
            } else {
                units.add(each.withJoint(each.joint()
                        .map(joint -> joint.to().equals(moves.id())
                                ? joint.withOther(joint.other().placed(by))
                                : joint)));
            }
        }
        return units;
    }

    /**
     * The donor with a unit turned and shifted until its shaft lies as the shaft it is joined to: in line with it where the joint wants
     * that, else parallel.
     *
     * @throws InvalidValue if there is no such unit, or it is joined to none
     */
    public static Donor straightened(Donor donor, String unit) {
        UnitJoint joint = required(donor, unit)
                .joint()
                .orElseThrow(() -> new InvalidValue("joint", "is left out: the unit is joined to none"));
        Vec3 from = joint.own().axis().unit();
        Vec3 line = joint.other().axis().unit();
        Vec3 to = from.dot(line) < 0 ? line.negated() : line;
        Vec3 about = from.cross(to);
        Mat3 turn = about.length() < NO_TURN
                ? Mat3.IDENTITY
                : Mat3.rotationAbout(about.unit(), Math.atan2(about.length(), from.dot(to)));
        Vec3 end = joint.own().centre();
        Vec3 beside = joint.other().centre().minus(end).withoutPartAlong(line);
        Vec3 shift = joint.kind().isInLine() ? beside : Vec3.ZERO;
        return moved(donor, unit, new Pose(turn, end.plus(shift).minus(turn.times(end))));
    }

    private static JoinedUnit required(Donor donor, String unit) {
        return donor.unit(unit)
                .orElseThrow(() -> new InvalidValue("unit", "is \"" + unit + "\", which there is none of"));
    }
}
