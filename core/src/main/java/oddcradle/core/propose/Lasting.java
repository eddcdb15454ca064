package oddcradle.core.propose;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.Job;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.job.tube.Member;
import oddcradle.core.proof.EndLife;
import oddcradle.core.proof.LoadProof;
import oddcradle.core.section.Section;

/** Stouter tubes where welds crack first, again and again, as long as that makes the frame last longer. */
final class Lasting {
    /** Of the duty; what is watched before that is no answer. */
    static final double YEARS = 10;

    private static final int MOST_ROUNDS = 7;
    private static final int AT_ONCE = 4;
    private static final double STOUTER = 1.2;

    private Lasting() {}

    /** A job and what its first weld lasts, h. */
    private record Tried(Job job, double hours) {}

    /** Empty where nothing wears a weld too soon, or no stouter tube makes it last longer. */
    static Optional<Job> of(Examination start, Progress progress) {
        double wanted = YEARS * start.job().duty().hoursAYear();
        Job job = start.job();
        List<Tried> tried = new ArrayList<>();
        for (int round = 0; round <= MOST_ROUNDS; round++) {
            List<EndLife> lives = LoadProof.lives(Examination.of(job, start));
            progress.report((round + 1) / (MOST_ROUNDS + 2.0));
            double hours = hours(lives);
            tried.add(new Tried(job, hours));
            if (hours >= wanted) {
                break;
            }
            Job stouter = stouter(job, lives, wanted);
            if (stouter.equals(job)) {
                break;
            }
            job = stouter;
        }
        return tried.stream()
                .max(Comparator.comparingDouble(Tried::hours))
                .filter(best -> !best.job().equals(start.job()))
                .map(Tried::job);
    }

    private static double hours(List<EndLife> lives) {
        return lives.stream()
                .flatMapToDouble(life -> life.hours().stream())
                .min()
                .orElse(Double.POSITIVE_INFINITY);
    }

    /** Tube and chord of the welds that crack first. */
    private static Job stouter(Job job, List<EndLife> lives, double wanted) {
        List<String> weak = lives.stream()
                .filter(life -> life.hours().orElse(Double.POSITIVE_INFINITY) < wanted)
                .limit(AT_ONCE)
                .map(EndLife::end)
                .flatMap(end -> Stream.concat(Stream.of(end.tube().id()), end.chord().map(Member::id).stream()))
                .filter(id -> job.cradle().member(id).isPresent())
                .distinct()
                .toList();
        Job changed = job;
        for (List<String> group : TwinTubes.of(job, job.cradle().members())) {
            if (group.stream().anyMatch(weak::contains)) {
                Section now = job.member(group.get(0)).orElseThrow().section();
                Optional<Section> next = job.build().shop().sections().stream()
                        .filter(each -> each.getClass() == now.getClass()
                                && StockSizing.modulus(each) >= STOUTER * StockSizing.modulus(now))
                        .findFirst();
                for (String tube : group) {
                    changed = next.isPresent() ? new JobEdit.SetSection(tube, next.get()).applyTo(changed) : changed;
                }
            }
        }
        return changed;
    }
}
