package oddcradle.core.propose;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.job.Job;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.Seating;

/** Tubes that mirror each other left and right and are cut from one section: nobody changes one of them alone. */
final class TwinTubes {
    /** Ends nearer than that to the other's mirrored ones are its twins, m. */
    private static final double ALIKE = 0.005;

    private TwinTubes() {}

    /** Ids of the tubes that change together, in the order of the tubes. */
    static List<List<String>> of(Job job, List<Member> tubes) {
        Seating seating = Seating.of(job);
        List<List<String>> groups = new ArrayList<>();
        List<Member> left = new ArrayList<>(tubes);
        while (!left.isEmpty()) {
            Member first = left.remove(0);
            List<String> group = new ArrayList<>(List.of(first.id()));
            left.stream()
                    .filter(other -> other.section().equals(first.section())
                            && isMirrored(seating.path(first), seating.path(other)))
                    .findFirst()
                    .ifPresent(twin -> {
                        left.remove(twin);
                        group.add(twin.id());
                    });
            groups.add(List.copyOf(group));
        }
        return groups;
    }

    private static boolean isMirrored(List<Vec3> one, List<Vec3> other) {
        Vec3 first = mirrored(one.get(0));
        Vec3 last = mirrored(one.get(one.size() - 1));
        Vec3 otherFirst = other.get(0);
        Vec3 otherLast = other.get(other.size() - 1);
        return near(first, otherFirst) && near(last, otherLast) || near(first, otherLast) && near(last, otherFirst);
    }

    private static Vec3 mirrored(Vec3 at) {
        return new Vec3(at.x(), -at.y(), at.z());
    }

    private static boolean near(Vec3 one, Vec3 other) {
        return one.distanceTo(other) < ALIKE;
    }
}
