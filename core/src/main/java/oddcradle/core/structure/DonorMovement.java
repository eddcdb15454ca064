package oddcradle.core.structure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.clearance.Allowance;
import oddcradle.core.engine.ShakingForce;
import oddcradle.core.frame.FrameCase;
import oddcradle.core.frame.NodeLoad;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.SmallMotion;
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
    /** Of the greatest torque while starting; common practice, a start is over before a swing has fully grown. */
    private static final double START_TORQUE = 0.25;

    private static final int START_STEPS = 24;
    private static final double STANDARD_GRAVITY = 9.80665;

    public static final DonorMovement NONE = new DonorMovement(List.of(), List.of());

    public record Pushed(String load, SmallMotion motion) {}

    /** Under the torque of firing, and under the free force of the crank where that is known. */
    public record Swinging(RigidBodyModes.Swing torque, Optional<RigidBodyModes.Swing> force) {
        double along(Vec3 point, Vec3 direction) {
            return torque.along(point, direction)
                    + force.map(each -> each.along(point, direction)).orElse(0.0);
        }

        public double most(double reach) {
            return torque.most(reach) + force.map(each -> each.most(reach)).orElse(0.0);
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

    /**
     * Everything that decides how it swings while it starts.
     *
     * @param axis of the crank, the body's axes
     */
    public record Start(MountedBody body, Engine engine, Vec3 axis) {}

    /**
     * Swinging from standstill to idle.
     *
     * @return nothing where the mounts have no damping and a swing would grow without bound
     */
    public static List<Swinging> startUp(Start start) {
        MountedBody body = start.body();
        Engine engine = start.engine();
        Vec3 axis = start.axis();
        List<Swinging> swings = new ArrayList<>();
        // What the crank throws grows with the square of its speed.
        Optional<Double> atIdle = engine.crank()
                .map(crank -> ShakingForce.of(crank, engine.idleSpeed()).primary());
        Vec3 torque = axis.unit().times(START_TORQUE * engine.maxTorque());
        for (int k = 1; k <= START_STEPS; k++) {
            double speed = engine.idleSpeed() * k / START_STEPS;
            double firing = engine.firingFrequency(speed);
            if (body.mounts().stream().allMatch(mount -> mount.loss() == 0)) {
                return List.of();
            }
            swings.add(new Swinging(
                    RigidBodyModes.swing(body, Vec3.ZERO, torque, firing),
                    atIdle.map(force -> RigidBodyModes.swing(
                            body,
                            Vec3.Z.times(force * Math.pow(speed / engine.idleSpeed(), 2)),
                            Vec3.ZERO,
                            speed / (2 * Math.PI)))));
        }
        return swings;
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
