package oddcradle.core.search;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.frame.input.FrameCase;
import oddcradle.core.job.Job;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.job.load.LoadSet;
import oddcradle.core.job.load.Shock;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.SmallMotion;
import oddcradle.core.structure.CaseVariants;
import oddcradle.core.structure.EngineInTime;
import oddcradle.core.structure.MountSeat;
import oddcradle.core.vibration.LinkedBodiesInTime;

/**
 * What happens once, followed in time with the snubbers: the engine starts and dies through the resonances of its mounts, and every load case of the job comes
 * at once. A field alone comes as one half-sine jolt, what the drive does rises and stays. Everything counts from how the engine stands at rest. Lengths of jolts
 * are common practice: they are told with the answer.
 */
public final class ShakeInTime {
    /** What the drive does rises in this time, s; common practice. */
    private static final double RISE = 0.05;
    /** A crank that is kicked or cranked turns at this share of idle; its pulse lasts a quarter turn. */
    private static final double CRANKED = 0.3;

    private static final double AFTER = 0.5;

    private ShakeInTime() {}

    /**
     * What is told of one happening.
     *
     * @param id of the load case, or {@code start} or {@code stop}
     * @param how it comes, in words
     * @param travel greatest of the output shaft from where it stands, relative to the frame, m
     * @param counted what the list of gaps counts for the same point and direction, m
     * @param mount that gets the greatest force
     * @param force greatest at one mount, beside what it carries at rest, N
     * @param stretch greatest of any mount along one of its axes, m
     * @param used greatest share of a snubber's free way, more than 1 where it is met; empty where no mount has one
     * @param near the pair of bodies that comes nearest to what it needs
     * @param way unit direction of the greatest travel
     * @param motions of the donor about its centre of gravity, relative to the frame, one after the other
     * @param trace travel of the output shaft along that direction at the same times, m
     * @param step between two of them, s
     */
    public record Event(
            String id,
            String label,
            String how,
            double travel,
            double counted,
            String mount,
            double force,
            double stretch,
            OptionalDouble used,
            Optional<Near> near,
            Vec3 way,
            List<SmallMotion> motions,
            List<Double> trace,
            double step) {
        public Event {
            motions = List.copyOf(motions);
            trace = List.copyOf(trace);
        }
    }

    /**
     * A pair of the list of gaps at the nearest it comes.
     *
     * @param atRest m
     * @param left at its nearest, m; below 0 they have met
     * @param needed m
     */
    public record Near(String part, String obstacle, double atRest, double left, double needed) {}

    /** Empty where nothing is mounted, or neither donor nor machine is on rubber; the farthest traveller first after starting and stopping. */
    public static Optional<List<Event>> of(Examination examination, Progress progress) {
        return TimeSetting.of(examination).flatMap(setting -> LinkedBodiesInTime.of(setting.system())
                .map(system -> new Followed(examination, setting, system).all(progress)));
    }

    private static final class Followed {
        private final Examination examination;
        private final TimeSetting setting;
        private final LinkedBodiesInTime system;
        private final double idle;

        Followed(Examination examination, TimeSetting setting, LinkedBodiesInTime system) {
            this.examination = examination;
            this.setting = setting;
            this.system = system;
            this.idle = examination.job().donor().engine().idleSpeed();
        }

        List<Event> all(Progress progress) {
            Job job = examination.job();
            List<LoadCase> cases = CaseVariants.of(job);
            List<FrameCase> loads = examination.frame().input().cases();
            List<Event> events = new ArrayList<>();
            EngineInTime engine = RunUp.engine(examination);
            for (RunUp runUp : List.of(RunUp.starting(idle), RunUp.dying(idle))) {
                TimeWatch watch = new TimeWatch(examination, setting, runUp.duration());
                runUp.follow(system, setting, engine, watch);
                events.add(watch.event(runUp.id(), runUp.label(), runUp.how()));
                progress.report(1.0 / (cases.size() + 1));
            }
            Map<String, Event> worst = new LinkedHashMap<>();
            boolean caught = MountSeat.allCaught(job, examination.seating());
            for (int k = 1; k < cases.size(); k++) {
                progress.report((k + 1.0) / (cases.size() + 1));
                LoadCase load = cases.get(k);
                double factor = load.level().moves(caught);
                if (factor > 0) {
                    Event event = happening(load, setting.beyond(loads.get(k), loads.get(0)), factor);
                    worst.merge(load.id().split("~")[0], event, (a, b) -> b.travel() > a.travel() ? b : a);
                }
            }
            worst.values().stream()
                    .sorted(Comparator.comparingDouble(Event::travel).reversed())
                    .forEach(events::add);
            return List.copyOf(events);
        }

        private Event happening(LoadCase load, double[] beyond, double factor) {
            double pulse = pulse(load);
            boolean stays = load.shock() != Shock.KICK_BACK && (load.drive() != 0 || load.shock() != Shock.NONE);
            DoubleUnaryOperator shape = stays
                    ? t -> t < RISE ? (1 - Math.cos(Math.PI * t / RISE)) / 2 : 1
                    : t -> t < pulse ? Math.sin(Math.PI * t / pulse) : 0;
            // The case has what a pulse does to a spring in it already; followed in time it comes as it is.
            double size =
                    load.shock() == Shock.KICK_BACK ? factor / load.shock().factor() : factor;
            double duration = (stays ? RISE : pulse) + AFTER;
            TimeWatch watch = new TimeWatch(examination, setting, duration);
            system.follow(
                    (t, loads) -> {
                        double share = size * shape.applyAsDouble(t);
                        for (int i = 0; i < loads.length; i++) {
                            loads[i] += share * beyond[i];
                        }
                    },
                    duration,
                    2 * Math.PI / (stays ? 2 * RISE : 2 * pulse),
                    watch);
            String how = stays
                    ? "rises in " + Math.round(1000 * RISE) + " ms and stays"
                    : "one jolt of " + Math.round(1000 * pulse) + " ms";
            return watch.event(load.id(), load.label(), how);
        }

        /** How long it pushes, s; common practice, a kick-back by the crank. */
        private double pulse(LoadCase load) {
            if (load.shock() == Shock.KICK_BACK) {
                return Math.PI / 2 / (CRANKED * idle);
            }
            LoadSet.Family family =
                    examination.job().line().end().map(LoadSet.Family::of).orElse(LoadSet.Family.GROUND);
            return switch (family) {
                case GROUND -> 0.06;
                case AIRCRAFT -> 0.1;
                case SKID -> 0.02;
            };
        }
    }
}
