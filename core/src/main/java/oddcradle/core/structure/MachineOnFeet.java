package oddcradle.core.structure;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import oddcradle.core.frame.input.PointMass;
import oddcradle.core.job.Job;
import oddcradle.core.job.host.Foot;
import oddcradle.core.job.host.Support;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.MassProperties;
import oddcradle.core.mounting.MountElement;
import oddcradle.core.placement.MountedDonor;
import oddcradle.core.placement.Seating;
import oddcradle.core.vibration.Mount;
import oddcradle.core.vibration.MountedBody;

/**
 * A machine whose donor is bolted hard to it and that stands on rubber with every foot: it shakes as one stiff body. Axes turned as
 * the host's, origin at the centre of gravity of the whole.
 *
 * @param still on feet under steady load
 * @param shaking on feet as stiff as rubber is while it shakes
 * @param cold the same at 10 degrees of frost
 * @param donor its centre of gravity from that of the whole, m
 * @param feet in the order of the mounts of both
 */
public record MachineOnFeet(MountedBody still, MountedBody shaking, MountedBody cold, Vec3 donor, List<Support> feet) {
    private static final Vec3 GRAVITY = new Vec3(0, 0, -9.80665);
    private static final double LEAST_FEET = 3;

    public MachineOnFeet {
        feet = List.copyOf(feet);
    }

    /** Nothing where the donor stands on rubber itself, or any support on none. */
    public static Optional<MachineOnFeet> of(Job job, Seating seating) {
        boolean bolted = !job.cradle().isolators().isEmpty() && !job.cradle().isSoft();
        return bolted && isOnFeet(job, seating) ? Optional.of(standing(job, seating, true)) : Optional.empty();
    }

    /** The same of a machine in which the donor hangs on rubber of its own: without the donor. */
    public static Optional<MachineOnFeet> without(Job job, Seating seating) {
        return job.cradle().isSoft() && isOnFeet(job, seating)
                ? Optional.of(standing(job, seating, false))
                : Optional.empty();
    }

    private static boolean isOnFeet(Job job, Seating seating) {
        List<Support> supports = job.host().supports();
        Set<Vec3> places = new HashSet<>();
        return supports.size() >= LEAST_FEET
                && supports.stream().allMatch(each -> each.foot().isPresent() && places.add(seating.node(each.node())));
    }

    private static MachineOnFeet standing(Job job, Seating seating, boolean withDonor) {
        List<Support> supports = job.host().supports();
        Sum sum = new Sum();
        if (withDonor) {
            sum.add(seating.mass());
        }
        HostMasses.of(job).onNodes().forEach(sum::add);
        List<Member> tubes = new ArrayList<>(job.host().members());
        tubes.addAll(job.cradle().members());
        tubes.forEach(tube -> sum.add(job, seating, tube));
        Vec3 cg = sum.moment.times(1 / sum.mass);
        MassProperties whole = new MassProperties(sum.mass, Vec3.ZERO, sum.inertia(cg));
        return new MachineOnFeet(
                new MountedBody(whole, mounts(seating, supports, cg, element -> 1), GRAVITY),
                new MountedBody(whole, mounts(seating, supports, cg, MountElement::dynamicRatio), GRAVITY),
                new MountedBody(
                        whole,
                        mounts(seating, supports, cg, element -> element.dynamicRatio() * element.coldRatio()),
                        GRAVITY),
                seating.mass().cg().minus(cg),
                supports);
    }

    private static List<Mount> mounts(
            Seating seating, List<Support> supports, Vec3 cg, ToDoubleFunction<MountElement> stiffer) {
        List<Mount> mounts = new ArrayList<>();
        for (Support support : supports) {
            Foot foot = support.foot().orElseThrow();
            double ratio = stiffer.applyAsDouble(foot.element());
            mounts.add(new Mount(
                    support.node(),
                    seating.node(support.node()).minus(cg),
                    MountedDonor.axes(Vec3.Z),
                    foot.element().stiffness().times(ratio),
                    foot.loss()));
        }
        return mounts;
    }

    /** Mass, its first moment and its second about the origin, kg, kg m, kg m2. */
    private static final class Sum {
        private double mass;
        private Vec3 moment = Vec3.ZERO;
        private Mat3 second = Mat3.diagonal(0, 0, 0);

        void add(MassProperties body) {
            add(body.mass(), body.cg());
            second = second.plus(body.inertia());
        }

        void add(PointMass point) {
            add(point.mass(), point.position());
        }

        /** A tube as two halves of its mass at a {@code 1 / sqrt 12} of its length from its middle: as heavy and as hard to turn. */
        void add(Job job, Seating seating, Member tube) {
            List<Vec3> path = seating.path(tube);
            double perMetre = tube.remaining().area() * job.material(tube).density();
            for (int k = 1; k < path.size(); k++) {
                Vec3 from = path.get(k - 1);
                Vec3 to = path.get(k);
                double half = from.distanceTo(to) * perMetre / 2;
                double out = 1 / Math.sqrt(12);
                add(half, from.towards(to, 0.5 - out));
                add(half, from.towards(to, 0.5 + out));
            }
        }

        private void add(double more, Vec3 at) {
            mass += more;
            moment = moment.along(at, more);
            second = second.plus(about(at).times(more));
        }

        Mat3 inertia(Vec3 cg) {
            return second.plus(about(cg).times(-mass));
        }

        private static Mat3 about(Vec3 at) {
            Mat3 cross = Mat3.crossProductWith(at);
            return cross.transposed().times(cross);
        }
    }
}
