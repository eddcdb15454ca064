package oddcradle.core.card;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import oddcradle.core.job.FreeMark;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.seat.Neighbour;
import oddcradle.core.job.seat.SeatPlan;
import oddcradle.core.math.Vec3;

/** One of each kind of thing that must follow the seat, near the engine, to be measured. Sizes are common practice. */
final class NeighbourKinds {
    private final Job job;
    private final SeatPlan plan;
    private final String id;
    private final Vec3 onEngine;
    private final Vec3 onMachine;
    private final List<Deed> deeds = new ArrayList<>();

    private NeighbourKinds(Job job) {
        this.job = job;
        this.plan = job.plan();
        this.id = FreeMark.of(
                "neighbour-", plan.neighbours().stream().map(Neighbour::id).toList());
        this.onEngine = job.donor().mass().cg();
        this.onMachine = job.seat().pose().place(onEngine).plus(Vec3.X.times(-0.5));
    }

    static List<Deed> of(Job job) {
        NeighbourKinds kinds = new NeighbourKinds(job);
        kinds.all();
        return kinds.deeds;
    }

    private void all() {
        add(
                "a pipe to its silencer",
                "tail pipe",
                label -> new Neighbour.PipeRun(
                        id, label, onEngine, Vec3.X.negated(), onMachine, Vec3.X.negated(), 0.038, 0.0015, 0.076, 0));
        add(
                "an intake and its filter",
                "intake",
                label -> new Neighbour.Intake(id, label, onEngine, Vec3.X.negated(), 0.09, 0.22));
        add("a hose", "hose", label -> run(label, Neighbour.Line.HOSE));
        add("a cable", "cable", label -> run(label, Neighbour.Line.CABLE));
        add(
                "a lever and its rod",
                "lever",
                label -> new Neighbour.Linkage(
                        id, label, onEngine, Vec3.Y, onEngine.plus(Vec3.Z.times(0.05)), onMachine, Vec3.X, true));
        add(
                "the bay between two cross tubes",
                "bay",
                label -> new Neighbour.Bay(id, label, onMachine, onMachine.plus(Vec3.X), 0.03));
        job.host().keepOuts().stream().findFirst().map(KeepOut::id).ifPresent(this::inKeepOut);
    }

    private void inKeepOut(String keepOut) {
        add(
                "a tank that feeds by its height",
                "fuel tank",
                label -> new Neighbour.Tank(id, label, keepOut, onMachine.plus(Vec3.Z.times(0.3)), onEngine, 0.05));
        add("somebody's legs or helmet", "legs", label -> new Neighbour.Occupant(id, label, keepOut, 0.06, 0.08));
        add("a body panel", "panel", label -> new Neighbour.Panel(id, label, keepOut, 0.02));
    }

    private Neighbour run(String label, Neighbour.Line line) {
        return new Neighbour.Run(
                id, label, line, onEngine, Vec3.X.negated(), onMachine, Vec3.X.negated(), 0.008, 0.06, 0);
    }

    private void add(String words, String label, Function<String, Neighbour> made) {
        deeds.add(Deed.of(
                words,
                () -> job.withPlan(plan.withNeighbours(Listed.plus(plan.neighbours(), made.apply("new " + label))))));
    }
}
