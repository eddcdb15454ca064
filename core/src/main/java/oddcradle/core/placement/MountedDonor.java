package oddcradle.core.placement;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.MassProperties;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.mounting.MountElement;
import oddcradle.core.vibration.Mount;
import oddcradle.core.vibration.MountedBody;

/** The donor on its mounts. */
public final class MountedDonor {
    private static final Vec3 GRAVITY = new Vec3(0, 0, -9.80665);

    private MountedDonor() {}

    /** The same, or nothing where the donor hangs on no mount yet. */
    public static Optional<MountedBody> ifMounted(Job job) {
        return job.cradle().isolators().isEmpty() ? Optional.empty() : Optional.of(of(job));
    }

    /** While it shakes: the same on mounts as stiff as rubber is then. Nothing where the donor hangs on no mount yet. */
    public static Optional<MountedBody> ifShaking(Job job) {
        return job.cradle().isolators().isEmpty() ? Optional.empty() : Optional.of(shaking(job));
    }

    /** As {@link #of}, on mounts as stiff as rubber is while it shakes. */
    public static MountedBody shaking(Job job) {
        return stiffer(job, MountElement::dynamicRatio);
    }

    /** As {@link #shaking}, at 10 degrees of frost. */
    public static MountedBody shakingCold(Job job) {
        return stiffer(job, element -> element.dynamicRatio() * element.coldRatio());
    }

    private static MountedBody stiffer(Job job, ToDoubleFunction<MountElement> ratio) {
        MountedBody still = of(job);
        List<Mount> mounts = new ArrayList<>();
        for (int k = 0; k < still.mounts().size(); k++) {
            Mount mount = still.mounts().get(k);
            double stiffer = ratio.applyAsDouble(job.cradle().isolators().get(k).element());
            mounts.add(new Mount(
                    mount.name(),
                    mount.position(),
                    mount.axes(),
                    mount.stiffness().times(stiffer),
                    mount.loss()));
        }
        return new MountedBody(still.body(), mounts, still.gravity());
    }

    /**
     * The donor in axes turned as the host's with the origin at its centre of gravity, so that sliding the seat changes
     * nothing here.
     */
    public static MountedBody of(Job job) {
        Pose turn = new Pose(job.seat().pose().rotation(), Vec3.ZERO);
        Vec3 cg = job.donor().mass().cg();
        List<Mount> mounts = new ArrayList<>();
        Map<String, Vec3> centres = ElasticCentre.ofAll(job);
        for (Isolator isolator : job.cradle().isolators()) {
            Boss boss = job.donor().boss(isolator.boss()).orElseThrow();
            mounts.add(new Mount(
                    isolator.id(),
                    turn.turn(boss.position().minus(cg)).plus(centres.get(isolator.id())),
                    axes(isolator.axis()),
                    stiffness(isolator),
                    isolator.loss()));
        }
        MassProperties own = job.donor().mass();
        MassProperties centred = new MassProperties(own.mass(), Vec3.ZERO, own.inertia()).placed(turn);
        return new MountedBody(centred, mounts, GRAVITY);
    }

    /** Rows: the pad's axis, then two directions across it. */
    public static Mat3 axes(Vec3 axis) {
        Vec3 along = axis.unit();
        Vec3 across = along.anyPerpendicular();
        return new Mat3(along, across, along.cross(across));
    }

    public static Vec3 stiffness(Isolator isolator) {
        return isolator.element().stiffness();
    }
}
