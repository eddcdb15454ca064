package oddcradle.core.card;

import static oddcradle.core.card.Listed.named;
import static oddcradle.core.card.Listed.plus;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import oddcradle.core.job.FreeMark;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Part;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.job.donor.JoinedUnit;
import oddcradle.core.job.donor.Pack;
import oddcradle.core.job.donor.ShaftLine;
import oddcradle.core.job.donor.Turn;
import oddcradle.core.job.donor.UnitEngine;
import oddcradle.core.job.donor.UnitJoint;
import oddcradle.core.job.donor.UnitKind;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.MassProperties;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.units.Kind;
import oddcradle.core.weigh.MassFromShape;

/** What can be said of one of several joined machines. */
final class UnitFields {
    private UnitFields() {}

    /**
     * Something else the donor could be.
     *
     * @param words for a button
     */
    record Change(String words, Supplier<Donor> donor) {}

    static void lies(FieldsOf<JoinedUnit> of, Donor donor) {
        of.words("called", JoinedUnit::label, JoinedUnit::withLabel)
                .one(
                        "is",
                        UnitKind.values(),
                        UnitKind::words,
                        JoinedUnit::kind,
                        (unit, kind) -> becoming(unit, kind, donor.engine()))
                .several(
                        "its bosses",
                        named(donor.bosses(), Boss::id, Boss::label),
                        JoinedUnit::bosses,
                        JoinedUnit::withBosses)
                .several(
                        "its parts",
                        named(donor.bodies(), Part::id, Part::label),
                        JoinedUnit::parts,
                        JoinedUnit::withParts)
                .yes("is joined in the bay", JoinedUnit::isJoinedInBay, JoinedUnit::withJoinedInBay)
                .inner(JoinedUnit::shaft, JoinedUnit::withShaft, shaft -> line(shaft, "shaft"))
                .one("turns, seen from outside", Turn.values(), Turn::words, JoinedUnit::turn, JoinedUnit::withTurn);
    }

    private static FieldsOf<ShaftLine> line(FieldsOf<ShaftLine> of, String name) {
        return of.place(name + " ends at", ShaftLine::centre, ShaftLine::withCentre)
                .way(name + " points", ShaftLine::axis, ShaftLine::withAxis);
    }

    /** Another engine is taken to be as the first one until more is said of it. */
    private static JoinedUnit becoming(JoinedUnit unit, UnitKind kind, Engine first) {
        Optional<UnitEngine> engine = kind != UnitKind.ENGINE
                ? Optional.empty()
                : unit.engine().or(() -> Optional.of(new UnitEngine(first, 1, Optional.empty())));
        return new JoinedUnit(
                unit.id(),
                unit.label(),
                kind,
                unit.mass(),
                unit.shaft(),
                unit.turn(),
                unit.joint(),
                unit.bosses(),
                unit.parts(),
                unit.output(),
                unit.joinedInBay(),
                engine);
    }

    /** All of it, by so much each time. */
    static void moves(FieldsOf<JoinedUnit> of, Function<Pose, Job> moved, Function<Boolean, Job> output) {
        of.add(new Field.Yes("the output shaft is on it", of.value().hasOutput(), output::apply));
        of.add(new Field.Vector(
                "shift all of it by",
                Kind.LENGTH,
                Vec3.ZERO,
                by -> moved.apply(new Pose(Pose.IDENTITY.rotation(), by))));
        Vec3 end = of.value().shaft().centre();
        of.add(new Field.Vector("turn all of it: yaw, pitch, roll", Kind.ANGLE, Vec3.ZERO, angles -> {
            Pose turn = Pose.ofYawPitchRoll(Vec3.ZERO, angles.x(), angles.y(), angles.z());
            return moved.apply(new Pose(turn.rotation(), end.minus(turn.place(end))));
        }));
    }

    static void joint(FieldsOf<JoinedUnit> of, Donor donor) {
        of.value()
                .joint()
                .ifPresent(joint -> of.inner(
                        each -> joint, (each, other) -> each.withJoint(Optional.of(other)), inside -> inside.choice(
                                        "is joined to",
                                        named(donor.units(), JoinedUnit::id, JoinedUnit::label),
                                        UnitJoint::to,
                                        UnitJoint::withTo)
                                .one(
                                        "by",
                                        UnitJoint.Kind.values(),
                                        UnitJoint.Kind::words,
                                        UnitJoint::kind,
                                        UnitJoint::withKind)
                                .inner(UnitJoint::own, UnitJoint::withOwn, own -> line(own, "there its own shaft"))
                                .inner(
                                        UnitJoint::other,
                                        UnitJoint::withOther,
                                        other -> line(other, "there the other's shaft"))));
    }

    /** How an engine keeps step with the first one. */
    static void step(FieldsOf<UnitEngine> of) {
        of.measure("turns for one of the first engine", Kind.RATIO, UnitEngine::ratio, UnitEngine::withRatio)
                .row(
                        "comes after it by, none if it slips",
                        Kind.ANGLE,
                        engine -> engine.follows().stream().toList(),
                        (engine, angles) -> {
                            if (angles.size() > 1) {
                                throw new InvalidValue(
                                        "follows", "is " + angles.size() + " angles, must be one or none");
                            }
                            return engine.withFollows(angles.stream().findFirst());
                        });
    }

    static List<Change> changes(Donor donor, JoinedUnit unit) {
        List<Change> changes = new ArrayList<>();
        if (!unit.parts().isEmpty()) {
            changes.add(new Change(
                    "Spread its mass over its parts", () -> with(donor, unit.withMass(spread(donor, unit)))));
        }
        if (unit.joint().isPresent()) {
            changes.add(new Change("Bring it into line", () -> Pack.straightened(donor, unit.id())));
            changes.add(new Change("Undo its joint", () -> with(donor, unit.withJoint(Optional.empty()))));
        } else {
            donor.units().stream()
                    .filter(each -> !each.id().equals(unit.id()))
                    .findFirst()
                    .ifPresent(other -> changes.add(new Change(
                            "Join it to another",
                            () -> with(
                                    donor,
                                    unit.withJoint(Optional.of(new UnitJoint(
                                            other.id(), UnitJoint.Kind.COUPLING, unit.shaft(), other.shaft())))))));
        }
        return changes;
    }

    /** What it weighs, spread evenly over the room that its parts take. */
    private static MassProperties spread(Donor donor, JoinedUnit unit) {
        MassProperties light = MassFromShape.of(donor.bodies().stream()
                .filter(part -> unit.parts().contains(part.id()))
                .flatMap(part -> part.solids().stream())
                .map(solid -> new MassFromShape.Weighted(solid, 1))
                .toList());
        double mass = unit.mass().mass();
        return new MassProperties(mass, light.cg(), light.inertia().times(mass / light.mass()));
    }

    private static Donor with(Donor donor, JoinedUnit unit) {
        return donor.withUnits(donor.units().stream()
                .map(each -> each.id().equals(unit.id()) ? unit : each)
                .toList());
    }

    /** The units once none is joined to one of them any more. */
    static List<JoinedUnit> parted(Donor donor, JoinedUnit gone) {
        return donor.units().stream()
                .map(each ->
                        each.withJoint(each.joint().filter(joint -> !joint.to().equals(gone.id()))))
                .toList();
    }

    private static MassProperties half(MassProperties whole) {
        return new MassProperties(whole.mass() / 2, whole.cg(), whole.inertia().times(0.5));
    }

    /** A donor that was one machine becomes its own first unit. */
    static Donor withOneMore(Donor donor) {
        List<JoinedUnit> units = donor.units();
        ShaftLine shaft = new ShaftLine(donor.output().centre(), donor.output().axis());
        if (units.isEmpty()) {
            units = List.of(new JoinedUnit(
                    "U1",
                    donor.name(),
                    UnitKind.FIRST_ENGINE,
                    donor.mass(),
                    shaft,
                    donor.output().turn(),
                    Optional.empty(),
                    donor.bosses().stream().map(Boss::id).toList(),
                    donor.bodies().stream().map(Part::id).toList(),
                    true,
                    false,
                    Optional.empty()));
        }
        String id = FreeMark.of("U", units.stream().map(JoinedUnit::id).toList());
        return donor.withUnits(plus(
                units,
                new JoinedUnit(
                        id,
                        "new unit",
                        UnitKind.OTHER,
                        half(donor.mass()),
                        shaft,
                        Turn.UNKNOWN,
                        Optional.empty(),
                        List.of(),
                        List.of(),
                        false,
                        false,
                        Optional.empty())));
    }
}
