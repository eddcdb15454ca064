package oddcradle.core.begin;

import java.util.List;
import java.util.Optional;
import oddcradle.core.catalog.StockMaterial;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.job.Job;
import oddcradle.core.job.Weights;
import oddcradle.core.job.around.Around;
import oddcradle.core.job.book.Book;
import oddcradle.core.job.cradle.Cradle;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.fit.AsBuilt;
import oddcradle.core.job.host.DrivenEnd;
import oddcradle.core.job.host.Host;
import oddcradle.core.job.host.HostPlan;
import oddcradle.core.job.make.Build;
import oddcradle.core.job.make.Shop;
import oddcradle.core.job.seat.Clearances;
import oddcradle.core.job.seat.Room;
import oddcradle.core.job.seat.Seat;
import oddcradle.core.job.seat.SeatPlan;
import oddcradle.core.material.Material;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;

/** A job to begin from: a machine of a family, an engine as a box, seated where the first answer puts it. */
public final class NewJob {
    /** Least gaps to begin with; common practice. */
    public static final Room ROOM = new Room(0.01, 0.015, 0.02, 0.05, 0.06, 0.01);

    private static final double KERF = 0.002;
    private static final double YIELD_FACTOR = 1.5;
    private static final double COUPLING_GAP = 0.004;

    private NewJob() {}

    /** What is measured on the floor for the first answer. */
    public static FirstFit.Asked asked(MachineFamily family, HostPlan plan, EngineBox engine) {
        PlannedMachine machine = family.machine(family.words(), plan);
        boolean rolls = machine.end() instanceof LineEnd.Road;
        Vec3 shaft = rolls
                ? new Vec3(0, 0, machine.bay().low().z() + ROOM.fixed() + engine.shaftUp())
                : shaft(machine, engine);
        return new FirstFit.Asked(
                machine.bay(), engine, shaft, rolls ? FirstFit.Held.HEIGHT : FirstFit.Held.ALL, seat(family));
    }

    /** The end of a shaft in line, m: a coupling leaves a little between the two, a propeller sits on the flange itself. */
    private static Vec3 shaft(PlannedMachine machine, EngineBox engine) {
        Vec3 driven = machine.host().drivenEnd().point();
        double stub = engine.donor(machine.end()).output().centre().x() - engine.length() / 2;
        double gap = machine.end() instanceof LineEnd.Propeller ? 0 : COUPLING_GAP;
        return driven.minus(new Vec3(stub + gap, 0, 0));
    }

    private static Optional<BoxSide> seat(MachineFamily family) {
        return switch (family) {
            case KART -> Optional.of(BoxSide.LEFT);
            case TRIKE, BUGGY, CARGO -> Optional.of(BoxSide.FRONT);
            case ATV, CYCLE, SKID, AIRCRAFT -> Optional.empty();
        };
    }

    /**
     * @param fit where the engine is to stand
     * @throws InvalidValue if a measure is outside its bounds
     */
    public static Job of(String name, MachineFamily family, HostPlan plan, EngineBox engine, FirstFit fit) {
        PlannedMachine machine = family.machine(name, plan);
        Donor donor = engine.donor(machine.end());
        Host host = machine.end() instanceof LineEnd.Road
                ? inPlane(
                        machine.host(),
                        fit.underside().y() + donor.output().centre().y())
                : machine.host();
        return new Job(
                name,
                materials(machine),
                donor,
                host,
                machine.line(),
                new Seat(
                        fit.underside(),
                        0,
                        0,
                        0,
                        machine.line().datum().decides(donor.output().axis())),
                Cradle.EMPTY,
                family.cases().cases(engine.layout().cylinders()),
                new Build(KERF, YIELD_FACTOR, ROOM, Clearances.USUAL, Shop.USUAL, Optional.empty(), List.of()),
                List.of(),
                Weights.EVEN,
                SeatPlan.USUAL,
                AsBuilt.NOTHING,
                Around.NOTHING,
                Book.EMPTY);
    }

    /** The sprocket on the axle begins where the engine's has it; where it really is has still to be measured. */
    private static Host inPlane(Host host, double plane) {
        DrivenEnd axle = host.drivenEnd();
        return host.withDrivenEnd(axle.shifted(plane - axle.sprocketOffset()));
    }

    /** Those of the frame, and one to make the cradle of. */
    private static List<Material> materials(PlannedMachine machine) {
        return StockMaterial.all().stream()
                .map(StockMaterial::material)
                .filter(each -> each.name().equals("structural steel, 355")
                        || machine.host().members().stream()
                                .anyMatch(tube -> tube.material().equals(each.name())))
                .toList();
    }
}
