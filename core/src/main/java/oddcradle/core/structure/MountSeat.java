package oddcradle.core.structure;

import java.util.Optional;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;
import oddcradle.core.mounting.BondedBush;
import oddcradle.core.placement.ElasticCentre;
import oddcradle.core.placement.Seating;

/**
 * How one mount stands to the tube that carries it; host axes, m.
 *
 * @param at the boss
 * @param along the mount's axis, unit, from the boss towards the tube
 * @param reach of the tube's middle from the boss along that axis
 * @param aside from the mount's axis to the tube's middle
 * @param half of the tube's width along the axis
 */
public record MountSeat(Isolator isolator, Member tube, Vec3 at, Vec3 along, double reach, Vec3 aside, double half) {
    /** Empty where no tube carries the mount. */
    public static Optional<MountSeat> of(Job job, Seating seating, Isolator isolator) {
        return carrier(job, seating, isolator.node()).map(tube -> {
            Boss boss = job.donor().boss(isolator.boss()).orElseThrow();
            Vec3 at = seating.boss(isolator.boss());
            Vec3 arm = seating.node(isolator.node()).minus(at);
            Vec3 axis = isolator.element().isHard()
                    ? seating.pose().turn(boss.axis()).unit()
                    : isolator.axis().unit();
            Vec3 along = arm.dot(axis) < 0 ? axis.negated() : axis;
            double reach = arm.dot(along);
            return new MountSeat(
                    isolator,
                    tube,
                    at,
                    along,
                    reach,
                    arm.along(along, -reach),
                    ElasticCentre.halfAlong(tube.section(), along));
        });
    }

    private static Optional<Member> carrier(Job job, Seating seating, String node) {
        return job.cradle().members().stream()
                .filter(member -> member.nodes().contains(node))
                .findFirst()
                .or(() -> seating.landing(node))
                .or(() -> job.host().members().stream()
                        .filter(member -> member.nodes().contains(node))
                        .findFirst());
    }

    /** Whether the bolt goes through the tube; else it stands on a tab beside it. */
    public boolean through() {
        return ElasticCentre.isThrough(aside, half);
    }

    /**
     * Whether metal holds the donor where the rubber tears or has gone as far as it may: a sleeve in the hole of a plate, or the
     * tube of a bush.
     */
    public boolean isCaught() {
        return isolator.element() instanceof BondedBush || !through();
    }

    /** Whether every soft mount of a job is caught; not where there is none. */
    public static boolean allCaught(Job job, Seating seating) {
        return job.cradle().isSoft()
                && job.cradle().isolators().stream()
                        .filter(each -> !each.element().isHard())
                        .allMatch(each -> of(job, seating, each)
                                .filter(MountSeat::isCaught)
                                .isPresent());
    }
}
