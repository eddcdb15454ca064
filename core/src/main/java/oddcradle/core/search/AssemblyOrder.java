package oddcradle.core.search;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Cradle;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;
import oddcradle.core.step.cradle.RefitCheck;

/**
 * In which order the tubes go in round the engine in its seat: the finished cradle is taken apart again, each time a tube that comes
 * out straight past what is left, and told backwards. What carries the lugs is taken out last, so it goes in first and sets the rest.
 */
public final class AssemblyOrder {
    private AssemblyOrder() {}

    /**
     * One tube.
     *
     * @param from where it comes from as it is put in, host axes; empty where no straight way was found
     * @param beforeEngine whether it has to be there before the engine is
     */
    public record Step(Member tube, Optional<Vec3> from, boolean beforeEngine) {}

    /** @throws Progress.Cancelled if the watcher ends it */
    public static List<Step> of(Examination examination, Progress progress) {
        Job job = examination.job();
        List<Member> left = new ArrayList<>(job.cradle().members());
        left.sort(Comparator.comparing(tube -> carries(job, tube)));
        int all = Math.max(1, left.size());
        List<Step> apart = new ArrayList<>();
        while (!left.isEmpty()) {
            progress.report(1 - (double) left.size() / all);
            Step next = next(examination, left, true)
                    .or(() -> next(examination, left, false))
                    .orElseGet(() -> new Step(left.get(0), Optional.empty(), true));
            left.remove(next.tube());
            apart.add(next);
        }
        Collections.reverse(apart);
        // Whatever must be there before the engine comes first, in the same order among itself.
        apart.sort(Comparator.comparing(step -> !step.beforeEngine()));
        progress.report(1);
        return apart;
    }

    private static boolean carries(Job job, Member tube) {
        return job.cradle().isolators().stream()
                .anyMatch(isolator -> tube.nodes().contains(isolator.node()));
    }

    private static Optional<Step> next(Examination examination, List<Member> left, boolean engine) {
        Job job = examination.job();
        Job standing = job.withCradle(
                new Cradle(job.cradle().nodes(), left, job.cradle().isolators()));
        for (Member tube : left) {
            Optional<Vec3> way = RefitCheck.way(standing, examination.seating(), tube, engine);
            if (way.isPresent()) {
                return Optional.of(new Step(tube, way, !engine));
            }
        }
        return Optional.empty();
    }
}
