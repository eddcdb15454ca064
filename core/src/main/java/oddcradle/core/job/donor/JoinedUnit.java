package oddcradle.core.job.donor;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.mechanics.MassProperties;

/**
 * One of several machines that are joined to one donor: an engine, a gearbox, a generator.
 *
 * @param id among the units
 * @param mass of it alone, donor axes
 * @param shaft that tells how it lies: its crank or its input
 * @param turn of that shaft, seen from outside
 * @param joint to another unit; empty for the one the others are joined to
 * @param bosses of the donor that are on it
 * @param parts of the donor, pipes too, that are on it
 * @param output whether the donor's output shaft is on it, and goes where it goes
 * @param joinedInBay whether it goes into the machine by itself, and is joined there; on the bench else
 * @param engine empty where it is none, and for the first engine, which the donor itself describes
 */
@RecordBuilder
public record JoinedUnit(
        String id,
        String label,
        UnitKind kind,
        MassProperties mass,
        ShaftLine shaft,
        Turn turn,
        Optional<UnitJoint> joint,
        List<String> bosses,
        List<String> parts,
        Boolean output,
        Boolean joinedInBay,
        Optional<UnitEngine> engine)
        implements JoinedUnitBuilder.With {
    public JoinedUnit {
        Guard.named("id", id);
        Guard.named("label", label);
        Guard.present("kind", kind);
        Guard.present("mass", mass);
        Guard.present("shaft", shaft);
        turn = turn == null ? Turn.UNKNOWN : turn;
        joint = joint == null ? Optional.empty() : joint;
        bosses = bosses == null ? List.of() : List.copyOf(bosses);
        parts = parts == null ? List.of() : List.copyOf(parts);
        output = output != null && output;
        joinedInBay = joinedInBay != null && joinedInBay;
        engine = engine == null ? Optional.empty() : engine;
        if (engine.isPresent() != (kind == UnitKind.ENGINE)) {
            throw new InvalidValue(
                    "engine",
                    engine.isPresent()
                            ? "is there, but the unit is " + kind.words() + "; only another engine has one of its own"
                            : "is left out; another engine must tell what it does");
        }
        if (joint.filter(each -> each.to().equals(id)).isPresent()) {
            throw new InvalidValue("joint.to", "is \"" + id + "\", the unit itself; name the one it is joined to");
        }
    }

    public boolean hasOutput() {
        return output;
    }

    public boolean isJoinedInBay() {
        return joinedInBay;
    }
}
