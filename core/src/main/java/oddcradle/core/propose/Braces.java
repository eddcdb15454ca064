package oddcradle.core.propose;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.edit.CradleEdit;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.Seating;

/** Where one more straight tube between joints that there are takes most from what is overworked, and brings nothing too near. */
final class Braces {
    private static final double SHORTEST = 0.12;
    private static final double LONGEST = 0.9;
    private static final int MOST_TRIED = 160;
    private static final int LOOKED_AT = 6;
    private static final int LETTERS = 99;

    private Braces() {}

    /**
     * @param job as it is
     * @param tube the brace
     * @param worst of what is asked of any tube with it, a ratio
     */
    record Braced(Job job, Member tube, double worst) {}

    /** The one that helps most; empty where none helps. */
    static Optional<Braced> best(Examination start) {
        Job job = start.job();
        Optional<Member> like = job.cradle().members().stream()
                .filter(member -> member.section().wall() > 0)
                .min(Comparator.comparingDouble(member -> member.section().area()));
        Optional<TubeUse> now = TubeUse.of(job, start);
        if (like.isEmpty() || now.isEmpty()) {
            return Optional.empty();
        }
        List<Braced> helping = new ArrayList<>();
        for (Member brace : candidates(start, like.get())) {
            Job tried = new CradleEdit.AddTube(brace, List.of()).applyTo(job);
            TubeUse.of(tried, start)
                    .filter(use -> use.worst() < now.get().worst())
                    .ifPresent(use -> helping.add(new Braced(tried, brace, use.worst())));
        }
        helping.sort(Comparator.comparingDouble(Braced::worst));
        long before = stops(start);
        return helping.stream()
                .limit(LOOKED_AT)
                .filter(each -> stops(Examination.of(each.job())) <= before)
                .findFirst();
    }

    /** Where a tube may go: what it comes too near is a finding of the seat, of the way and of the cradle. */
    private static long stops(Examination examination) {
        return List.of(Step.LINE, Step.SEAT, Step.CRADLE).stream()
                .flatMap(step -> examination.report(step).findings().stream())
                .map(Finding::severity)
                .filter(Severity.STOP::equals)
                .count();
    }

    private static List<Member> candidates(Examination start, Member like) {
        Job job = start.job();
        Seating seating = start.seating();
        List<String> own = used(job.cradle().members());
        List<String> all = new ArrayList<>(own);
        used(job.host().members()).stream().filter(node -> !all.contains(node)).forEach(all::add);
        Set<String> joined = new HashSet<>();
        List<Member> tubes = new ArrayList<>(job.cradle().members());
        tubes.addAll(job.host().members());
        for (Member tube : tubes) {
            for (String one : tube.nodes()) {
                tube.nodes().forEach(other -> joined.add(one + " " + other));
            }
        }
        List<Member> braces = new ArrayList<>();
        String id = free(job);
        for (String from : own) {
            for (String to : all) {
                double length = seating.node(from).distanceTo(seating.node(to));
                boolean twice = own.contains(to) && own.indexOf(to) <= own.indexOf(from);
                if (!twice && length >= SHORTEST && length <= LONGEST && !joined.contains(from + " " + to)) {
                    braces.add(new Member(
                            id,
                            "added brace",
                            List.of(from, to),
                            like.section(),
                            like.material(),
                            Optional.empty(),
                            Optional.empty()));
                }
            }
        }
        // Shorter braces weigh less and ring higher.
        braces.sort(Comparator.comparingDouble(brace -> length(seating, brace)));
        return braces.stream().limit(MOST_TRIED).toList();
    }

    private static double length(Seating seating, Member brace) {
        Vec3 from = seating.node(brace.first());
        return from.distanceTo(seating.node(brace.last()));
    }

    private static List<String> used(List<Member> tubes) {
        return tubes.stream().flatMap(tube -> tube.nodes().stream()).distinct().toList();
    }

    private static String free(Job job) {
        for (int k = 1; k <= LETTERS; k++) {
            String id = "A" + k;
            if (job.member(id).isEmpty()) {
                return id;
            }
        }
        return "A" + (LETTERS + 1);
    }
}
