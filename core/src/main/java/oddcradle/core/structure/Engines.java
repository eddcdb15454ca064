package oddcradle.core.structure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import oddcradle.core.engine.EngineSource;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.job.donor.JoinedUnit;
import oddcradle.core.job.donor.UnitEngine;
import oddcradle.core.math.Complex;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.CrankPlace;
import oddcradle.core.vibration.HarmonicWrench;

/**
 * Every engine of the donor where it lies: one, or those of all its units, the first first.
 *
 * @param all at least one
 */
public record Engines(List<Placed> all) {
    private static final double PARALLEL = 0.999;
    private static final double SAME_ORDER = 1e-9;

    public Engines {
        all = List.copyOf(all);
    }

    /**
     * One of them.
     *
     * @param turns of its crank for one of the first engine's
     * @param follows crank angle by which it comes after the first, rad; empty where nothing keeps them in step
     */
    public record Placed(EngineOrders orders, CrankPlace crank, double turns, Optional<Double> follows) {}

    /** Of each of them, the first first. */
    public record Input(List<EngineOrders.Input> all) {
        public Input {
            all = List.copyOf(all);
        }
    }

    public static Input input(Job job) {
        Engine first = job.donor().engine();
        List<EngineOrders.Input> inputs = new ArrayList<>();
        inputs.add(EngineOrders.Input.of(first, CrankPlace.of(job).turns()));
        for (JoinedUnit unit : others(job.donor())) {
            UnitEngine engine = unit.engine().orElseThrow();
            inputs.add(new EngineOrders.Input(
                    engine.engine(),
                    CrankPlace.of(job, unit, engine.engine()).turns(),
                    engine.idleSpeed(first),
                    engine.cruiseSpeed(first)));
        }
        return new Input(inputs);
    }

    /** What each of them does, in the same order. */
    public static List<EngineOrders> orders(Input input) {
        return input.all().stream().map(EngineOrders::of).toList();
    }

    private static List<JoinedUnit> others(Donor donor) {
        return donor.units().stream().filter(unit -> unit.engine().isPresent()).toList();
    }

    /** @param orders of each of them, in the order of {@link #input} */
    public static Engines of(Job job, List<EngineOrders> orders) {
        Engine first = job.donor().engine();
        List<Placed> all = new ArrayList<>();
        all.add(new Placed(orders.get(0), CrankPlace.of(job), 1, Optional.of(0.0)));
        List<JoinedUnit> others = others(job.donor());
        for (int k = 0; k < others.size(); k++) {
            UnitEngine engine = others.get(k).engine().orElseThrow();
            all.add(new Placed(
                    orders.get(k + 1),
                    CrankPlace.of(job, others.get(k), engine.engine()),
                    engine.turnsBeside(first),
                    engine.ratio() == 0 ? Optional.empty() : engine.follows()));
        }
        return new Engines(all);
    }

    /** Everything afresh. */
    public static Engines of(Job job) {
        return of(job, orders(input(job)));
    }

    /**
     * What turning the cranks of all engines faster turns the donor by, for a torque of 1 at the first crank: their flywheels share it
     * as their torques, common practice; those that turn against each other cancel. Axes turned as the host's.
     */
    static Vec3 flywheels(Job job) {
        Engine first = job.donor().engine();
        Vec3 sum = CrankPlace.of(job).axis().times(first.maxTorque());
        double reflected = first.maxTorque();
        for (JoinedUnit unit : others(job.donor())) {
            UnitEngine engine = unit.engine().orElseThrow();
            double turns = engine.turnsBeside(first);
            double share = engine.engine().maxTorque();
            sum = sum.along(CrankPlace.of(job, unit, engine.engine()).axis(), share * turns);
            reflected += share * turns * turns;
        }
        return sum.times(1 / reflected);
    }

    public EngineOrders first() {
        return all.get(0).orders();
    }

    /** Of the first engine. */
    public CrankPlace crank() {
        return all.get(0).crank();
    }

    /** The same seen from another centre of gravity. */
    public Engines shifted(Vec3 by) {
        return new Engines(all.stream()
                .map(each -> new Placed(each.orders(), each.crank().shifted(by), each.turns(), each.follows()))
                .toList());
    }

    /** The most that one cylinder of any of them turns its crank, N m. */
    public double peakTorque() {
        return all.stream()
                .mapToDouble(each -> each.orders().peakTorque())
                .max()
                .orElseThrow();
    }

    /** What is taken of engines of which less is written down, in words. */
    public List<String> taken() {
        List<String> taken = new ArrayList<>(first().running().taken());
        for (Placed other : all.subList(1, all.size())) {
            other.orders().running().taken().stream()
                    .map(words -> "of the next engine, " + words)
                    .forEach(taken::add);
        }
        return taken;
    }

    /**
     * What acts on the donor at one multiple of the first engine's speed, of engines that keep in step.
     *
     * @param order a ratio to the first engine's crank speed
     * @param keepsStep whether it keeps in step with the first engine
     * @param ones of one engine, or of several in step
     */
    record Acting(double order, boolean keepsStep, List<One> ones) {
        Acting {
            ones = List.copyOf(ones);
        }

        private boolean takes(Placed engine, double relative) {
            return keepsStep
                    && engine.follows().isPresent()
                    && Math.abs(axis().dot(engine.crank().axis())) > PARALLEL
                    && Math.abs(order - relative) < SAME_ORDER;
        }

        private Acting with(One more) {
            return new Acting(
                    order,
                    keepsStep,
                    Stream.concat(ones.stream(), Stream.of(more)).toList());
        }

        /** Moment about the crank of the first of them, of gas and inertia, N m. */
        Complex roll() {
            Complex roll = Complex.ZERO;
            for (One each : ones) {
                roll = roll.plus(
                        each.source().roll().times(Math.signum(each.axis().dot(axis()))));
            }
            return roll;
        }

        Vec3 axis() {
            return ones.get(0).axis();
        }

        /** Forces and couples of inertia, without what turns about the crank. */
        HarmonicWrench forces() {
            return sum(each -> EngineShaking.forces(each.crank(), each.source()));
        }

        /** Everything on the donor about its centre of gravity, at a share of the speed with the same gas. */
        HarmonicWrench whole(double share) {
            return sum(each -> EngineShaking.whole(each.crank(), each.source().slowed(share)));
        }

        private HarmonicWrench sum(Function<One, HarmonicWrench> of) {
            return ones.stream().map(of).reduce(HarmonicWrench::plus).orElseThrow();
        }
    }

    /** One order of one engine. */
    record One(CrankPlace crank, EngineSource.Order source) {
        Vec3 axis() {
            return crank.axis();
        }
    }

    /** Everything that acts, by order; engines in step on parallel cranks together. */
    List<Acting> acting(Function<EngineOrders, List<EngineSource.Order>> orders) {
        List<Acting> acting = new ArrayList<>();
        for (Placed each : all) {
            for (EngineSource.Order order : orders.apply(each.orders())) {
                double relative = order.order() * each.turns();
                One one = new One(each.crank(), order.later(each.follows().orElse(0.0)));
                Optional<Acting> joins = acting.stream()
                        .filter(other -> other.takes(each, relative))
                        .findFirst();
                if (joins.isPresent()) {
                    acting.set(acting.indexOf(joins.get()), joins.get().with(one));
                } else {
                    acting.add(new Acting(relative, each.follows().isPresent(), List.of(one)));
                }
            }
        }
        acting.sort(Comparator.comparingDouble(Acting::order));
        return acting;
    }

    /** The strongest order of torque at idle or cruise; engines out of step as if they met, N m. */
    double strongestRoll() {
        return Stream.of(acting(EngineOrders::idle), acting(EngineOrders::cruise))
                .flatMap(each -> meeting(each).stream())
                .mapToDouble(each ->
                        each.stream().mapToDouble(one -> one.roll().modulus()).sum())
                .max()
                .orElse(0);
    }

    /** Those of one order together, the slowest first: out of step now, they meet at times. */
    static List<List<Acting>> meeting(List<Acting> acting) {
        List<List<Acting>> meeting = new ArrayList<>();
        for (Acting each : acting) {
            List<Acting> last = meeting.isEmpty() ? List.of() : meeting.get(meeting.size() - 1);
            if (!last.isEmpty() && Math.abs(last.get(0).order() - each.order()) < SAME_ORDER) {
                last.add(each);
            } else {
                meeting.add(new ArrayList<>(List.of(each)));
            }
        }
        return meeting;
    }
}
