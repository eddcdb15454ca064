package oddcradle.core.search;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.examine.Examination;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.MassProperties;
import oddcradle.core.mechanics.SmallMotion;
import oddcradle.core.placement.MountedDonor;
import oddcradle.core.structure.EngineInTime;
import oddcradle.core.vibration.LinkedBodiesInTime;
import oddcradle.core.vibration.MountedBody;

/**
 * What the frame bears while the engine starts or dies through the resonances of its mounts, instant after instant, beside what it bears at rest.
 *
 * @param words what happens
 * @param about the machine's centre of gravity that {@link Instant#machine} is told of, host axes, m
 */
public record StartLoads(String words, Vec3 about, List<Instant> instants) {
    /** To a cycle of the quickest order. */
    private static final int SAMPLES = 16;

    public StartLoads {
        instants = List.copyOf(instants);
    }

    /**
     * Host axes.
     *
     * @param force of the donor on what carries it, at its centre of gravity, N
     * @param moment of the same, N m
     * @param machine how what carries it is accelerated as a whole, m/s2 and rad/s2; nothing where it stands still
     */
    public record Instant(Vec3 force, Vec3 moment, SmallMotion machine) {}

    /** Starting and dying; empty where neither donor nor machine is on rubber. */
    public static List<StartLoads> of(Examination examination) {
        List<StartLoads> all = new ArrayList<>();
        TimeSetting.of(examination)
                .ifPresent(setting -> LinkedBodiesInTime.of(setting.system()).ifPresent(system -> {
                    double idle = examination.job().donor().engine().idleSpeed();
                    EngineInTime engine = RunUp.engine(examination);
                    MountedBody donor = MountedDonor.shaking(examination.job());
                    for (RunUp runUp : List.of(RunUp.starting(idle), RunUp.dying(idle))) {
                        all.add(followed(runUp, system, setting, engine, donor.body()));
                    }
                }));
        return all;
    }

    private static StartLoads followed(
            RunUp runUp, LinkedBodiesInTime system, TimeSetting setting, EngineInTime engine, MassProperties donor) {
        double every = 2 * Math.PI / (SAMPLES * engine.quickest(runUp.idle()));
        List<Instant> instants = new ArrayList<>();
        runUp.follow(system, setting, engine, (time, state) -> {
            if (time >= every * instants.size()) {
                instants.add(instant(runUp.onDonor(engine, time), state, setting, donor));
            }
        });
        Vec3 about = setting.system().bodies().get(setting.frame().orElse(0)).cg();
        return new StartLoads(runUp.label() + " through the resonances of its rubber", about, instants);
    }

    /** What shakes the donor less what its own mass takes of it. */
    private static Instant instant(
            double[] engine, LinkedBodiesInTime.State state, TimeSetting setting, MassProperties donor) {
        SmallMotion first = state.acceleration(0);
        Vec3 lifted = first.shift().plus(first.turn().cross(setting.arm()));
        return new Instant(
                new Vec3(engine[0], engine[1], engine[2]).minus(lifted.times(donor.mass())),
                new Vec3(engine[3], engine[4], engine[5]).minus(donor.inertia().times(first.turn())),
                setting.frame().isPresent() ? state.acceleration(setting.frame().getAsInt()) : SmallMotion.NONE);
    }
}
