package oddcradle.core.search;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import oddcradle.core.balance.Unbalance;
import oddcradle.core.control.Progress;
import oddcradle.core.engine.Crank;
import oddcradle.core.engine.CrankWork;
import oddcradle.core.engine.ForceEllipse;
import oddcradle.core.engine.ShakingOrders;
import oddcradle.core.engine.Throttle;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.job.donor.RunningEngine;
import oddcradle.core.structure.Engines;
import oddcradle.core.structure.Excitation;
import oddcradle.core.structure.OrderMap;
import oddcradle.core.structure.ShakeWatch;

/** What the balance of the first engine's crank does: the force it leaves, and what mounts and people get of it. */
public final class BalanceBench {
    private static final int SHARES = 10;
    private static final int ORDERS = 4;

    private BalanceBench() {}

    /** As it is written down, or taken from what else is known of the engine. */
    public static Crank crank(Job job) {
        return RunningEngine.of(job.donor().engine(), 1).crank();
    }

    /** What its pistons weigh against: mass that goes to and fro times half the stroke, kg m. */
    public static double piston(Crank crank) {
        return crank.reciprocatingMass() * crank.stroke() / 2;
    }

    /** What is drilled, filled and put on, all together: along the first pin and across, kg m. */
    public static Unbalance works(Crank crank) {
        Unbalance sum = Unbalance.NONE;
        for (CrankWork work : crank.works()) {
            sum = sum.plus(Unbalance.at(work.amount(), work.angle()));
        }
        return sum;
    }

    /**
     * Force of first order that is left, across the crank: its long axis is told from upright.
     *
     * @param speed of the crank, rad/s
     */
    public static ForceEllipse left(Crank crank, double speed) {
        ShakingOrders.Order first =
                ShakingOrders.of(crank.train(1), speed, ORDERS).orders().get(0);
        return ForceEllipse.of(first.forceY(), first.forceZ());
    }

    /**
     * One share of the pistons that the crank's weights balance.
     *
     * @param share 0 to 1
     * @param mount the most that one mount gets at cruise, full throttle, N
     * @param felt velocity of the person who feels most, m/s, root mean square; empty where nobody is on what moves
     */
    public record ByShare(double share, double mount, OptionalDouble felt) {}

    /** Every tenth share from none to all. */
    public static List<ByShare> byShare(Job job, ShakeMaps.Machine machine, Progress progress) {
        List<ByShare> all = new ArrayList<>();
        for (int k = 0; k <= SHARES; k++) {
            progress.report((double) k / SHARES);
            double share = (double) k / SHARES;
            OrderMap map =
                    machine.map(atCruise(withCrank(job, crank(job).withCounterweight(share)), machine.setting()));
            int mount = map.most(ShakeWatch.Kind.MOUNT_FORCE, 0).orElseThrow();
            Optional<Integer> person = map.most(ShakeWatch.Kind.FRAME_VELOCITY, 0);
            all.add(new ByShare(
                    share,
                    map.together(mount, 0),
                    person.isPresent() ? OptionalDouble.of(map.together(person.get(), 0)) : OptionalDouble.empty()));
        }
        return List.copyOf(all);
    }

    /** The same job with another crank in its first engine. */
    public static Job withCrank(Job job, Crank crank) {
        return job.withDonor(job.donor().withEngine(job.donor().engine().withCrank(Optional.of(crank))));
    }

    private static Excitation atCruise(Job job, ShakeMaps.Setting setting) {
        List<Engine> donor = new ArrayList<>(setting.donor());
        donor.set(0, job.donor().engine());
        return setting.with(Engines.of(job), donor)
                .excitation(List.of(job.donor().engine().cruiseSpeed()), Throttle.FULL);
    }
}
