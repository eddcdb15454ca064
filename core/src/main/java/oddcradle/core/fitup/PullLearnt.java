package oddcradle.core.fitup;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Phrase;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.job.edit.SeatEdit;
import oddcradle.core.job.seat.FitErrors;
import oddcradle.core.job.tube.Member;
import oddcradle.core.step.fit.JointPull;
import oddcradle.core.units.Quantity;
import oddcradle.core.workshop.WeldMap;

/**
 * How far welding pulled each place, beside what its welds were expected to: the seams of a mount and of the tubes that end at its node.
 *
 * <p>Expected pulls are of single seams, each across itself; together they pull no farther than their sum. What this shop's welds pulled is the root of the mean square of one axis, which is what
 * the odds of the next job go by.
 *
 * @param joints in the order measured
 * @param pull of this shop along an axis, m; 0 where nothing was measured twice
 */
public record PullLearnt(List<Joint> joints, double pull) {
    public PullLearnt {
        joints = List.copyOf(joints);
    }

    /**
     * @param found between two times
     * @param expected at most, m
     */
    public record Joint(JointPull found, double expected) {}

    public static PullLearnt of(Examination examination) {
        List<JointPull> pulls = examination.fit().pulls();
        if (pulls.isEmpty()) {
            return new PullLearnt(List.of(), 0);
        }
        Map<String, Double> expected = new TreeMap<>();
        WeldMap.of(examination).welds().forEach(weld -> expected.merge(weld.piece(), weld.pull(), Double::sum));
        List<Joint> joints = new ArrayList<>();
        double squares = 0;
        for (JointPull pull : pulls) {
            double sum = pieces(examination.job(), pull.point()).stream()
                    .mapToDouble(piece -> expected.getOrDefault(piece, 0.0))
                    .sum();
            joints.add(new Joint(pull, sum));
            // What the readings scatter, three axes of it, is no pull.
            squares += Math.max(0, pull.moved().squaredLength() - 3 * pull.sigma() * pull.sigma());
        }
        return new PullLearnt(joints, Math.sqrt(squares / (3 * pulls.size())));
    }

    /** What is welded on at a point: the mount of its name and the tubes that end at its node, or at the node of its name. */
    private static Set<String> pieces(Job job, String point) {
        Set<String> pieces = new HashSet<>(Set.of(point));
        job.cradle().isolators().stream()
                .filter(each -> each.node().equals(point))
                .map(Isolator::id)
                .forEach(pieces::add);
        String node = job.cradle().isolators().stream()
                .filter(each -> each.id().equals(point))
                .map(Isolator::node)
                .findFirst()
                .orElse(point);
        job.cradle().members().stream()
                .filter(tube -> tube.first().equals(node)
                        || tube.nodes().get(tube.nodes().size() - 1).equals(node))
                .map(Member::id)
                .forEach(pieces::add);
        return pieces;
    }

    /** Has the odds of this job, and of what is copied from it, go by what was found; empty where that says nothing new. */
    public Optional<JobEdit> taken(Job job) {
        FitErrors errors = job.plan().errors();
        if (!(pull > 0) || Math.abs(pull - errors.pull()) < 1e-5) {
            return Optional.empty();
        }
        return Optional.of(new SeatEdit.SetPlan(
                job.plan().withErrors(errors.with(errors.cut(), errors.drill(), pull)), "this shop's weld pull"));
    }

    /** In words. */
    public Phrase words(FitErrors errors) {
        return Phrase.of(
                "this shop's welds pulled {} along an axis; the odds of fit went by {}",
                Quantity.length(pull),
                Quantity.length(errors.pull()));
    }
}
