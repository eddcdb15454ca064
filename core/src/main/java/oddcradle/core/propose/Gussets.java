package oddcradle.core.propose;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.FreeMark;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Detail;
import oddcradle.core.job.tube.Member;
import oddcradle.core.proof.JointUse;
import oddcradle.core.proof.LoadProof;

/** Gussets between tubes of the cradle where the one gives more at the other than it bears. Sizes by common practice. */
final class Gussets {
    /** Of the wider tube, along each. */
    private static final double LEG = 1.5;

    private static final double ROUNDED = 0.005;

    private Gussets() {}

    /** Empty where no such joint gives, or every one has a gusset already. */
    static Optional<Job> of(Examination start) {
        Job job = start.job();
        List<Detail> details = new ArrayList<>(job.cradle().details());
        for (JointUse use : LoadProof.joints(start)) {
            Optional<Member> other = use.chord().flatMap(job.cradle()::member);
            Optional<Member> tube = job.cradle().member(use.tube().id());
            if (use.utilisation() > 1 && tube.isPresent() && other.isPresent()) {
                String node = node(start, tube.get(), use);
                boolean there = details.stream()
                        .anyMatch(detail -> detail instanceof Detail.Gusset gusset
                                && gusset.node().equals(node)
                                && Set.of(gusset.first(), gusset.second())
                                        .equals(Set.of(
                                                tube.get().id(), other.get().id())));
                if (!there && other.get().nodes().contains(node)) {
                    details.add(gusset(details, node, tube.get(), other.get()));
                }
            }
        }
        return details.size() == job.cradle().details().size()
                ? Optional.empty()
                : Optional.of(job.withCradle(job.cradle().withDetails(details)));
    }

    /** Of all, kg. */
    static double mass(Job job) {
        return job.cradle()
                .details(Detail.Gusset.class)
                .mapToDouble(gusset ->
                        job.material(job.cradle().member(gusset.first()).orElseThrow())
                                        .density()
                                * gusset.thickness()
                                * gusset.leg()
                                * gusset.leg()
                                / 2)
                .sum();
    }

    private static String node(Examination start, Member tube, JointUse use) {
        double first = start.seating().node(tube.first()).distanceTo(use.at());
        double last = start.seating().node(tube.last()).distanceTo(use.at());
        return first <= last ? tube.first() : tube.last();
    }

    private static Detail.Gusset gusset(List<Detail> details, String node, Member tube, Member other) {
        List<String> taken = details.stream().map(Detail::id).toList();
        double wide = 2 * Math.max(tube.section().outerRadius(), other.section().outerRadius());
        double wall = Math.max(tube.section().wall(), other.section().wall());
        return new Detail.Gusset(
                FreeMark.of("G", taken), node, tube.id(), other.id(), Math.ceil(LEG * wide / ROUNDED) * ROUNDED, wall);
    }
}
