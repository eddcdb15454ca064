package oddcradle.core.placement;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.cradle.MountChoices;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;
import oddcradle.core.mounting.BondedPad;
import oddcradle.core.section.Section;

/**
 * Where the rubber of every mount has its middle, from the boss, host axes, m: a pad stands on its tube, or beside one on a tab
 * against the lug; a bush lies round the bolt itself. Turning with the seat, not sliding with it.
 */
public final class ElasticCentre {
    /** A lug nobody has measured, m; common practice. */
    public static final double USUAL_LUG = 0.020;

    private static final double IN_LINE = 0.7;
    /** A bolt through a tube may miss its middle by this share of its half size. */
    private static final double OFF_CENTRE = 0.5;

    private ElasticCentre() {}

    /** By isolator; at the bosses themselves where two middles would fall into one place. */
    public static Map<String, Vec3> ofAll(Job job) {
        Map<String, Vec3> centres = new HashMap<>();
        Set<Vec3> places = new HashSet<>();
        for (Isolator isolator : job.cradle().isolators()) {
            Vec3 from = of(job, isolator);
            centres.put(isolator.id(), from);
            Vec3 boss = job.donor().boss(isolator.boss()).orElseThrow().position();
            places.add(job.seat().pose().rotation().times(boss).plus(from));
        }
        if (places.size() < centres.size()) {
            centres.replaceAll((id, from) -> Vec3.ZERO);
        }
        return centres;
    }

    private static Vec3 of(Job job, Isolator isolator) {
        Optional<Vec3> arm = arm(job, isolator);
        if (arm.isEmpty() || !(isolator.element() instanceof BondedPad pad)) {
            return Vec3.ZERO;
        }
        Vec3 axis = isolator.axis().unit();
        Vec3 along = arm.get().dot(axis) < 0 ? axis.negated() : axis;
        double reach = arm.get().dot(along);
        double half = job.cradle().members().stream()
                .filter(member -> member.nodes().contains(isolator.node()))
                .findFirst()
                .map(Member::section)
                .map(section -> halfAlong(section, along))
                .orElse(0.0);
        double face = isolator.choices().size(MountChoices.Item.LUG).orElse(USUAL_LUG) / 2;
        boolean onTube = isThrough(arm.get().along(along, -reach), half);
        double least = face + pad.height() / 2;
        return along.times(onTube ? Math.max(least, reach - half - pad.height() / 2) : least);
    }

    /** From the boss to the node under it, where the node hangs on that boss. */
    private static Optional<Vec3> arm(Job job, Isolator isolator) {
        return job.cradle().nodes().stream()
                .filter(node -> node.id().equals(isolator.node()))
                .map(node -> node.anchor())
                .filter(Anchor.FromBoss.class::isInstance)
                .map(Anchor.FromBoss.class::cast)
                .filter(anchor -> anchor.boss().equals(isolator.boss()))
                .map(Anchor.FromBoss::offset)
                .findFirst();
    }

    /** Whether a mount's bolt goes through its tube, by how far it passes the tube's middle and half the tube's size, m. */
    public static boolean isThrough(Vec3 aside, double half) {
        return aside.length() <= OFF_CENTRE * half;
    }

    /** From the middle of a tube to its surface along an upright or a level direction, m. */
    public static double halfAlong(Section section, Vec3 along) {
        return section.halfSize(Math.abs(along.z()) > IN_LINE);
    }
}
