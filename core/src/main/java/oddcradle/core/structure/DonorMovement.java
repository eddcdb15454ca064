package oddcradle.core.structure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.clearance.Allowance;
import oddcradle.core.engine.EngineSource;
import oddcradle.core.frame.FrameCase;
import oddcradle.core.frame.NodeLoad;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.SmallMotion;
import oddcradle.core.placement.CrankPlace;
import oddcradle.core.vibration.HarmonicWrench;
import oddcradle.core.vibration.Mode;
import oddcradle.core.vibration.ModesResult;
import oddcradle.core.vibration.MountedBody;
import oddcradle.core.vibration.RigidBodyModes;
import oddcradle.core.vibration.StaticSag;

/**
 * How the donor moves on its isolators from where it stands at rest: pushed by each load case, swinging while it starts and
 * stops. The cradle is taken as stiff. Nothing moves where it is bolted hard.
 *
 * @param pushed by each load case, relative to the centre of gravity, axes turned as the host's
 * @param swings while the firing passes from standstill to idle
 */
public record DonorMovement(List<Pushed> pushed, List<Swinging> swings) {
    /** Orders that a starting engine is looked at with. */
    private static final double HIGHEST_ORDER = 4;

    private static final double STANDARD_GRAVITY = 9.80665;

    public static final DonorMovement NONE = new DonorMovement(List.of(), List.of());

    public record Pushed(String load, SmallMotion motion) {}

    /**
     * Swinging at one speed on the way from standstill to idle and back: every order of the engine that is turned over without
     * firing, as it is while it is cranked and as it dies. The steady answer; to pass quickly gives less.
     *
     * @param orders each at its frequency
     */
    public record Swinging(List<RigidBodyModes.Swing> orders) {
        public Swinging {
            orders = List.copyOf(orders);
        }

        double along(Vec3 point, Vec3 direction) {
            double sum = 0;
            for (RigidBodyModes.Swing order : orders) {
                sum += order.along(point, direction);
            }
            return sum;
        }

        /** No point within a reach of the centre of gravity swings farther, m. */
        public double most(double reach) {
            double sum = 0;
            for (RigidBodyModes.Swing order : orders) {
                sum += order.most(reach);
            }
            return sum;
        }
    }

    public DonorMovement {
        pushed = List.copyOf(pushed);
        swings = List.copyOf(swings);
    }

    /**
     * Everything that decides the movement.
     *
     * @param loads on the frame, in the order of the cases
     */
    public record Input(List<LoadCase> cases, MountedBody body, List<FrameCase> loads, List<Swinging> swings) {}

    public static DonorMovement of(Input input) {
        List<LoadCase> cases = input.cases();
        MountedBody body = input.body();
        List<FrameCase> loads = input.loads();
        List<Pushed> pushed = new ArrayList<>();
        for (int k = 0; k < cases.size(); k++) {
            LoadCase load = cases.get(k);
            // Standing still it carries its weight already.
            Vec3 field = load.field().plus(Vec3.Z).times(STANDARD_GRAVITY);
            Vec3 force = field.times(body.body().mass());
            Vec3 moment = Vec3.ZERO;
            for (NodeLoad each : loads.get(k).loads()) {
                if (each.node().equals(CradleFrame.DONOR)) {
                    force = force.plus(each.force());
                    moment = moment.plus(each.moment());
                }
            }
            StaticSag moved = RigidBodyModes.movedBy(body, force, moment);
            pushed.add(new Pushed(load.label(), new SmallMotion(Vec3.ZERO, moved.cgDisplacement(), moved.rotation())));
        }
        return new DonorMovement(pushed, input.swings());
    }

    /** Everything that decides how it swings while it starts: the donor on mounts as stiff as rubber is while it shakes. */
    public record Start(MountedBody body, EngineOrders engine, CrankPlace crank) {}

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
        double idle = start.engine().idleSpeed();
        List<EngineSource.Order> atIdle = start.engine().motored().stream()
                .filter(each -> each.order() <= HIGHEST_ORDER)
                .toList();
        List<Swinging> swings = new ArrayList<>();
        for (EngineSource.Order met : atIdle) {
            for (Mode mode : modes.get().modes()) {
                double speed = 2 * Math.PI * mode.frequencyHz() / met.order();
                if (speed <= idle) {
                    swings.add(swinging(body, start.crank(), atIdle, speed, speed / idle));
                }
            }
        }
        swings.add(swinging(body, start.crank(), atIdle, idle, 1));
        return swings;
    }

    /** Inertia grows with the square of the speed; the gas of an engine that is turned over does not know it. */
    private static Swinging swinging(
            MountedBody body, CrankPlace crank, List<EngineSource.Order> atIdle, double speed, double share) {
        List<RigidBodyModes.Swing> orders = new ArrayList<>();
        for (EngineSource.Order order : atIdle) {
            HarmonicWrench load = EngineShaking.whole(crank, order.slowed(share));
            orders.add(RigidBodyModes.swing(body, load, order.order() * speed / (2 * Math.PI)));
        }
        return new Swinging(orders);
    }

    /**
     * The most a point comes along a direction.
     *
     * @param point from the centre of gravity, m
     */
    public Optional<Allowance> towards(Vec3 point, Vec3 direction) {
        double most = 0;
        String why = "";
        for (Pushed each : pushed) {
            double comes = each.motion().at(point).dot(direction);
            if (comes > most) {
                most = comes;
                why = "rubber, " + each.load();
            }
        }
        for (Swinging each : swings) {
            double comes = each.along(point, direction);
            if (comes > most) {
                most = comes;
                why = "rubber, starting and stopping";
            }
        }
        return most > 0 ? Optional.of(new Allowance(why, most)) : Optional.empty();
    }

    /** No point within a distance of the centre of gravity comes farther, m. */
    public double most(double reach) {
        double most = 0;
        for (Pushed each : pushed) {
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
        return new DonorMovement(both, swings);
    }
}
