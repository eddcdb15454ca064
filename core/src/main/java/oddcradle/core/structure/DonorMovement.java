package oddcradle.core.structure;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.clearance.Allowance;
import oddcradle.core.frame.CaseResult;
import oddcradle.core.frame.FrameAnalysis;
import oddcradle.core.frame.FrameResult;
import oddcradle.core.frame.input.ElasticMount;
import oddcradle.core.frame.input.FrameCase;
import oddcradle.core.frame.input.FrameInput;
import oddcradle.core.job.Job;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.SmallMotion;
import oddcradle.core.placement.MountedDonor;
import oddcradle.core.placement.Seating;
import oddcradle.core.vibration.HarmonicWrench;
import oddcradle.core.vibration.Mode;
import oddcradle.core.vibration.ModesResult;
import oddcradle.core.vibration.MountedBody;
import oddcradle.core.vibration.RigidBodyModes;

/**
 * How the donor moves from where it is drawn: under its weight, pushed by each load case that is to be survived whole, swinging while it starts and stops; on
 * its mounts, on the cradle and on what the host gives beside that. Nothing moves where the frame cannot be solved.
 *
 * @param pushed by each load case, relative to the host and the centre of gravity, axes turned as the host's
 * @param onCradle the same relative to the cradle, which gives along: what the mounts alone give
 * @param swings between standstill and idle
 */
public record DonorMovement(List<Pushed> pushed, List<Pushed> onCradle, List<Swinging> swings) {
    /** Less is rounding, m. */
    private static final double NOTHING = 1e-9;

    /** From idle to standstill, s; common practice. Starting is quicker. */
    private static final double DIES_WITHIN = 1.5;

    /** As far from the centre of gravity as a donor's parts lie, m. */
    private static final double ABOUT = 0.3;

    /** Swings and orders of them that are less than this share of the greatest are left out: gaps ask for them very often. */
    private static final double FAINT = 0.1;

    /** Orders that a starting engine is looked at with. */
    private static final double HIGHEST_ORDER = 4;

    public static final DonorMovement NONE = new DonorMovement(List.of(), List.of(), List.of());

    /** @param motion about the centre of gravity */
    public record Pushed(String id, String load, SmallMotion motion) {}

    /**
     * Swinging at one speed on the way from standstill to idle and back: every order of the engine that is turned over without
     * firing, as it is while it is cranked and as it dies. Orders that share no phase add as the root of their squares.
     *
     * @param orders each at its frequency
     * @param shift no order shifts the centre of gravity farther, all together, m
     * @param turn the same of their turns, rad
     */
    public record Swinging(List<RigidBodyModes.Swing> orders, double shift, double turn) {
        public Swinging {
            orders = List.copyOf(orders);
        }

        static Swinging of(List<RigidBodyModes.Swing> orders) {
            double shift = 0;
            double turn = 0;
            for (RigidBodyModes.Swing order : orders) {
                shift += order.most(0);
                turn += order.turn();
            }
            return new Swinging(orders, shift, turn);
        }

        /** Whether no point at a distance, m, from the centre of gravity swings farther than so much, m; by definition of shift and turn, quick to tell. */
        public boolean isWithin(double distance, double much) {
            return shift + turn * distance <= much;
        }

        /** The most a point swings along a unit direction, m. */
        public double along(Vec3 point, Vec3 direction) {
            double sum = 0;
            for (RigidBodyModes.Swing order : orders) {
                double here = order.along(point, direction);
                sum += here * here;
            }
            return Math.sqrt(sum);
        }

        /** No point within a reach of the centre of gravity swings farther, m. */
        public double most(double reach) {
            double sum = 0;
            for (RigidBodyModes.Swing order : orders) {
                double here = order.most(reach);
                sum += here * here;
            }
            return Math.sqrt(sum);
        }
    }

    public DonorMovement {
        pushed = List.copyOf(pushed);
        onCradle = List.copyOf(onCradle);
        swings = List.copyOf(swings);
    }

    /**
     * Everything that decides the movement.
     *
     * @param body the donor on its mounts, as if on a stiff frame
     * @param loads of the frame, in the order of the cases
     * @param frame with its donor under every case; empty where it cannot be solved: then the mounts alone give
     * @param mounts of the donor
     * @param cg of the donor as drawn, m
     * @param hostNodes that what stands round the donor is fixed to
     * @param caught whether metal ends the way of every soft mount
     * @param packed whether mounts were packed so that the donor stands as drawn: what it does standing is no movement then
     */
    public record Input(
            List<LoadCase> cases,
            MountedBody body,
            List<FrameCase> loads,
            Optional<FrameResult> frame,
            List<ElasticMount> mounts,
            Vec3 cg,
            Map<String, Vec3> hostNodes,
            boolean caught,
            boolean packed,
            List<Swinging> swings) {}

    /**
     * @param body the donor on its mounts
     * @param whole the frame with its donor and every case
     * @param frame the same solved; empty where it cannot be
     */
    public static Input input(
            Job job,
            Seating seating,
            MountedBody body,
            FrameInput whole,
            Optional<FrameResult> frame,
            List<Swinging> swings) {
        return new Input(
                CaseVariants.of(job),
                body,
                whole.cases(),
                frame,
                whole.mounts(),
                seating.mass().cg(),
                job.host().places(),
                MountSeat.allCaught(job, seating),
                job.cradle().packed(),
                swings);
    }

    /** Without what it does while it starts, everything afresh: one solution of the frame. */
    public static DonorMovement of(Job job, Seating seating, LineResult line) {
        Optional<MountedBody> body = MountedDonor.ifMounted(job);
        if (body.isEmpty() || RigidBodyModes.solve(body.get()).answer().isEmpty()) {
            return NONE;
        }
        FrameInput frame = CradleFrame.of(job, seating, line).input();
        return of(input(
                job, seating, body.get(), frame, FrameAnalysis.solve(frame).answer(), List.of()));
    }

    /** Relative to the host as a whole, from where it is drawn. */
    public static DonorMovement of(Input input) {
        List<SmallMotion> onHost = new ArrayList<>();
        List<SmallMotion> onCradle = MountsAlone.of(input.body(), input.mounts(), input.loads(), input.cg());
        Optional<RigidPart> host = input.frame()
                .map(frame -> new RigidPart(input.hostNodes(), frame.cases().get(0)));
        for (int k = 0; k < input.cases().size(); k++) {
            onHost.add(onHost(input, host, k).orElse(onCradle.get(k)));
        }
        return new DonorMovement(pushed(input, onHost), pushed(input, onCradle), input.swings());
    }

    private static List<Pushed> pushed(Input input, List<SmallMotion> motions) {
        List<Pushed> pushed = new ArrayList<>();
        for (int k = 0; k < motions.size(); k++) {
            LoadCase load = input.cases().get(k);
            if (load.staysWhole()) {
                SmallMotion motion = motions.get(k).times(load.level().moves(input.caught()));
                // Standing is the first of the cases.
                pushed.add(new Pushed(load.id(), load.label(), input.packed() ? motion.less(motions.get(0)) : motion));
            }
        }
        return pushed;
    }

    private static Optional<SmallMotion> onHost(Input input, Optional<RigidPart> whole, int at) {
        return input.frame()
                .flatMap(frame -> frame.cases().stream()
                        .filter(each -> each.id().equals(input.cases().get(at).id()))
                        .findFirst())
                .flatMap(each -> relative(each, whole.orElseThrow(), input));
    }

    /** Of the donor about its centre of gravity, less what the host does as a whole. */
    private static Optional<SmallMotion> relative(CaseResult result, RigidPart whole, Input input) {
        return result.node(CradleFrame.DONOR).map(donor -> {
            SmallMotion host = whole.of(result);
            return new SmallMotion(
                    Vec3.ZERO,
                    donor.displacement().minus(host.at(input.cg())),
                    donor.rotation().minus(host.turn()));
        });
    }

    /** How it stands on its mounts at rest, from where it is drawn; nothing where that is not known. */
    public Optional<SmallMotion> standing() {
        return pushed.stream()
                .filter(each -> each.id().equals(CaseVariants.STANDING))
                .map(Pushed::motion)
                .findFirst();
    }

    /** Everything that decides how it swings while it starts: the donor on mounts as stiff as rubber is while it shakes. */
    public record Start(MountedBody body, Engines engines) {}

    /**
     * Swinging between standstill and idle, at every speed where an order meets a mode: nowhere else does it swing farther.
     *
     * @return nothing where the mounts have no damping and a swing would grow without bound
     */
    public static List<Swinging> startUp(Start start) {
        MountedBody body = start.body();
        Optional<ModesResult> modes = RigidBodyModes.solve(body).answer();
        if (modes.isEmpty() || body.mounts().stream().allMatch(mount -> mount.loss() == 0)) {
            return List.of();
        }
        double idle = start.engines().first().idleSpeed();
        List<Engines.Acting> atIdle = start.engines().acting(EngineOrders::motored).stream()
                .filter(each -> each.order() <= HIGHEST_ORDER)
                .toList();
        List<Swinging> swings = new ArrayList<>();
        for (Engines.Acting met : atIdle) {
            for (Mode mode : modes.get().modes()) {
                double speed = 2 * Math.PI * mode.frequencyHz() / met.order();
                if (speed <= idle) {
                    double passed = passed(mode, met.order() * idle / (2 * Math.PI));
                    swings.add(swinging(body, atIdle, speed, speed / idle, met.order(), passed));
                }
            }
        }
        swings.add(swinging(body, atIdle, idle, 1, 0, 1));
        double most =
                swings.stream().mapToDouble(each -> each.most(ABOUT)).max().orElseThrow();
        return swings.stream().filter(each -> each.most(ABOUT) >= FAINT * most).toList();
    }

    /**
     * Share of the steady answer that a mode reaches while it is passed: it would take time to grow. Lewis, J. Applied Mechanics
     * 54, 1932: an undamped mode passed at a steady rate reaches some {@code 3.67 f / sqrt(df/dt)} (from memory); with damping the
     * two go together as two limits of one amplitude.
     *
     * @param highest frequency that the order has at idle, Hz: it falls from there to nothing
     */
    private static double passed(Mode mode, double highest) {
        double steady = 1 / mode.lossFactor();
        double swept = 3.67 * mode.frequencyHz() / Math.sqrt(highest / DIES_WITHIN);
        return 1 / Math.hypot(1, steady / swept);
    }

    /** Inertia grows with the square of the speed; the gas of an engine that is turned over does not know it. */
    private static Swinging swinging(
            MountedBody body, List<Engines.Acting> atIdle, double speed, double share, double met, double passed) {
        List<RigidBodyModes.Swing> orders = new ArrayList<>();
        for (Engines.Acting order : atIdle) {
            HarmonicWrench load = order.whole(share);
            RigidBodyModes.Swing swing = RigidBodyModes.swing(body, load, order.order() * speed / (2 * Math.PI));
            orders.add(order.order() == met ? swing.times(passed) : swing);
        }
        double most =
                orders.stream().mapToDouble(each -> each.most(ABOUT)).max().orElse(0);
        return Swinging.of(
                orders.stream().filter(each -> each.most(ABOUT) >= FAINT * most).toList());
    }

    /**
     * The most a point comes along a direction.
     *
     * @param point from the centre of gravity, m
     */
    public Optional<Allowance> towards(Vec3 point, Vec3 direction) {
        return towards(pushed, point, direction);
    }

    /**
     * The most a point comes along a direction toward a tube of the cradle, which gives along with the donor: what the mounts alone
     * give.
     *
     * @param point from the centre of gravity, m
     */
    public Optional<Allowance> towardsCradle(Vec3 point, Vec3 direction) {
        return towards(onCradle, point, direction);
    }

    private Optional<Allowance> towards(List<Pushed> motions, Vec3 point, Vec3 direction) {
        double most = 0;
        String why = "";
        for (Pushed each : motions) {
            double comes = each.motion().at(point).dot(direction);
            if (comes > most) {
                most = comes;
                why = "rubber, " + each.load();
            }
        }
        double reach = point.length();
        for (Swinging each : swings) {
            if (each.isWithin(reach, most)) {
                continue;
            }
            double comes = each.along(point, direction);
            if (comes > most) {
                most = comes;
                why = "rubber, starting and stopping";
            }
        }
        return most > NOTHING ? Optional.of(new Allowance(why, most)) : Optional.empty();
    }

    /** No point within a distance of the centre of gravity comes farther, m. */
    public double most(double reach) {
        double most = 0;
        for (Pushed each : pushed) {
            most = Math.max(most, each.motion().most(reach));
        }
        for (Pushed each : onCradle) {
            most = Math.max(most, each.motion().most(reach));
        }
        for (Swinging each : swings) {
            most = Math.max(most, each.most(reach));
        }
        return most;
    }

    /** Whatever either does. */
    public DonorMovement or(DonorMovement other) {
        if (equals(other)) {
            return this;
        }
        List<Pushed> both = new ArrayList<>(pushed);
        both.addAll(other.pushed());
        List<Pushed> onEither = new ArrayList<>(onCradle);
        onEither.addAll(other.onCradle());
        return new DonorMovement(both, onEither, swings);
    }
}
