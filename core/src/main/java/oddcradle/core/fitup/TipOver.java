package oddcradle.core.fitup;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.Job;
import oddcradle.core.job.host.MachineWeight;
import oddcradle.core.job.host.Support;
import oddcradle.core.math.Vec3;
import oddcradle.core.structure.HostMasses;

/**
 * Whether the machine stands while the engine goes on: where its centre of gravity is plumb over the figure that its supports make on the ground, and how far from the nearest edge.
 *
 * <p>Moments about the ground (statics). Tyres and springs are taken as stiff; hands that pull and push are not in it.
 *
 * @param states without the engine, with half its weight still on the hoist, with all of it
 */
public record TipOver(List<State> states) {
    /** Nearer to its edge than this it may go over at a push, m; common practice. */
    public static final double LEAST = 0.1;

    private static final double[] SHARES = {0, 0.5, 1};

    public TipOver {
        states = List.copyOf(states);
    }

    /**
     * @param share of the engine's weight that rests on the machine
     * @param plumb of the centre of gravity, m
     * @param edge from there to the nearest edge, m; negative outside
     * @param way the machine goes over first, unit, level
     */
    public record State(double share, Vec3 plumb, double edge, Vec3 way) {
        public boolean stands() {
            return edge >= LEAST;
        }

        /** How much of the engine it carries, in words. */
        public String carried() {
            return share == 0 ? "none" : share == 1 ? "all" : "half";
        }

        public String goesOver() {
            return Directions.of(way);
        }
    }

    /** Empty where nobody has weighed the machine, or it has fewer than three supports that are not in line. */
    public static Optional<TipOver> of(Examination examination) {
        Job job = examination.job();
        Optional<MachineWeight> machine = HostMasses.of(job).whole();
        List<Vec3> ground = Hull.of(job.host().supports().stream()
                .map(Support::node)
                .map(node -> examination.seating().node(node))
                .toList());
        if (machine.isEmpty() || ground.size() < 3) {
            return Optional.empty();
        }
        List<State> states = new ArrayList<>();
        for (double share : SHARES) {
            double engine = share * examination.seating().mass().mass();
            Vec3 first = machine.get()
                    .cg()
                    .times(machine.get().mass())
                    .along(examination.seating().mass().cg(), engine);
            states.add(state(share, first.times(1 / (machine.get().mass() + engine)), ground));
        }
        return Optional.of(new TipOver(states));
    }

    private static State state(double share, Vec3 plumb, List<Vec3> ground) {
        double least = Double.POSITIVE_INFINITY;
        Vec3 way = Vec3.X;
        for (int k = 0; k < ground.size(); k++) {
            Vec3 from = ground.get(k);
            Vec3 side = ground.get((k + 1) % ground.size()).minus(from);
            Vec3 outward = new Vec3(side.y(), -side.x(), 0).unit();
            double edge = -new Vec3(plumb.x() - from.x(), plumb.y() - from.y(), 0).dot(outward);
            if (edge < least) {
                least = edge;
                way = outward;
            }
        }
        return new State(share, plumb, least, way);
    }
}
